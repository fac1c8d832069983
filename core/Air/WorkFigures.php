<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

/** What a way of working asks for: air for paint as it comes, how far practice goes around it, and how much it is thinned. */
final readonly class WorkFigures
{
    /** Half way between two works painters differ most: so much lower and higher go some. A guess. */
    private const LOWER_BETWEEN = 0.3;

    private const HIGHER_BETWEEN = 0.5;

    /**
     * @param array{float, float} $spread how far below and above the air practice goes, as factors
     * @param float $thinningCounts how much thinning counts for the air, as a power
     * @param array{float, float, float} $thinning percent of the mix: least, the figure to begin with, most
     */
    public function __construct(public float $psi, public array $spread, public float $thinningCounts, public array $thinning) {}

    /** The same at other air. */
    public function times(float $times): self
    {
        return new self($this->psi * $times, $this->spread, $this->thinningCounts, $this->thinning);
    }

    /** On the way to another: 0 this one, 1 the other, and no jump between. */
    public function towards(self $other, float $share): self
    {
        $between = static fn(float $a, float $b): float => $a + ($b - $a) * $share;
        $power = static fn(float $a, float $b): float => $a ** (1 - $share) * $b ** $share;
        $differ = 4 * $share * (1 - $share);

        return new self(
            $power($this->psi, $other->psi),
            [
                $power($this->spread[0], $other->spread[0]) * (1 - self::LOWER_BETWEEN * $differ),
                $power($this->spread[1], $other->spread[1]) * (1 + self::HIGHER_BETWEEN * $differ),
            ],
            $between($this->thinningCounts, $other->thinningCounts),
            [
                $between($this->thinning[0], $other->thinning[0]),
                $between($this->thinning[1], $other->thinning[1]),
                $between($this->thinning[2], $other->thinning[2]),
            ],
        );
    }
}
