<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** One place along a body at which calipers were put: u = 0 nose to 1 tail, the rest in mm from the body's axis. */
final readonly class Station
{
    private const MOST_MM = 500;

    public function __construct(public float $u, public float $topMm, public float $bottomMm, public float $halfWidthMm) {}

    /**
     * [u, top_mm, bottom_mm, half_width_mm].
     *
     * @throws Refused
     */
    public static function read(Node $node): self
    {
        [$u, $top, $bottom, $half] = $node->items(4, 4);

        return new self(
            $u->number(0, 1),
            $top->number(0, self::MOST_MM),
            $bottom->number(0, self::MOST_MM),
            $half->number(0, self::MOST_MM),
        );
    }

    /** @return array{float, float, float, float} as it stands in a document */
    public function document(): array
    {
        return [$this->u, $this->topMm, $this->bottomMm, $this->halfWidthMm];
    }
}
