<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Handle;

use Hawkbrush\Core\Body\Around;
use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Index;

/** A place on a body, and the way to another in mm along and around. */
final readonly class SurfacePoint
{
    /** Within so many mm a handle goes to a mark of the body. A guess. */
    private const SNAP_MM = 0.8;

    private const LINES_DEG = [0.0, 90.0, 180.0];

    public float $u;

    public float $deg;

    public function __construct(public Body $body, float $u, float $deg)
    {
        $this->u = max(0.0, min(1.0, $u));
        $this->deg = max(0.0, min(180.0, $deg));
    }

    /** @param float $downMm along the surface, away from the back ridge */
    public function away(float $backMm, float $downMm): self
    {
        $u = max(0.0, min(1.0, $this->u + $backMm / $this->body->lengthMm));

        return new self($this->body, $u, Around::at($this->body, $u)->deg($this->wayMm() + $downMm));
    }

    /** @return array{float, float} mm towards the tail, and away from the back ridge */
    public function to(self $other): array
    {
        return [($other->u - $this->u) * $this->body->lengthMm, $other->wayMm() - $this->wayMm()];
    }

    public function wayMm(): float
    {
        return Around::at($this->body, $this->u)->mm($this->deg);
    }

    /** On a mark of the body, where one is near enough: what can be felt along the length, ridge, midline and keel around. */
    public function snapped(): self
    {
        $u = $this->u;
        $least = self::SNAP_MM;
        foreach (Index::findable($this->body) as [, $at]) {
            $off = abs($at - $this->u) * $this->body->lengthMm;
            if ($off <= $least) {
                [$least, $u] = [$off, $at];
            }
        }
        foreach (self::LINES_DEG as $line) {
            if (Index::arcMm($this->body, $u, $line, $this->deg) <= self::SNAP_MM) {
                return new self($this->body, $u, $line);
            }
        }

        return new self($this->body, $u, $this->deg);
    }
}
