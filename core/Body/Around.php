<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

/** The way around one section of a body from the back ridge to the keel: degrees to mm along the surface, and back. */
final readonly class Around
{
    private const STEPS = 180;

    /** @param non-empty-list<float> $ways in mm from the ridge, one for each degree */
    private function __construct(private array $ways) {}

    public static function at(Body $body, float $u): self
    {
        [$y, $z] = Section::half(self::STEPS, $body->exponent)->rib($body, $u);
        $ways = [0.0];
        for ($i = 0; $i < self::STEPS; $i++) {
            $ways[] = $ways[$i] + hypot($y[$i + 1] - $y[$i], $z[$i + 1] - $z[$i]);
        }

        return new self($ways);
    }

    /** Mm from the ridge at so many degrees from it, 0 to 180. */
    public function mm(float $deg): float
    {
        $at = max(0.0, min((float) self::STEPS, $deg));
        $i = min(self::STEPS - 1, (int) $at);

        return $this->ways[$i] + ($this->ways[$i + 1] - $this->ways[$i]) * ($at - $i);
    }

    /** Degrees from the ridge at so many mm from it; beyond ridge and keel these. */
    public function deg(float $mm): float
    {
        if ($mm <= 0) {
            return 0.0;
        }
        for ($i = 1; $i <= self::STEPS; $i++) {
            if ($this->ways[$i] >= $mm) {
                $step = $this->ways[$i] - $this->ways[$i - 1];

                return $i - 1 + ($step > 0 ? ($mm - $this->ways[$i - 1]) / $step : 0.0);
            }
        }

        return (float) self::STEPS;
    }
}
