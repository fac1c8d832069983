<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Refused;

/** One way of spraying as far as air and thinning depend on it. */
final readonly class Spraying
{
    /**
     * @param float $thinning share of reducer in the mix, 0 to 0.95
     * @param bool $craft whether the paint is craft-store paint, coarse and thick
     * @param bool $water whether it is thinned with water, which flows a little less well than reducer
     * @param Sweep|null $sweep how wet and how wide; null: as is usual for the work
     *
     * @throws Refused when nothing would be left of the paint
     */
    public function __construct(
        public SprayWork $work,
        public Kind $kind,
        public float $thinning,
        public Nozzle $nozzle,
        public bool $craft = false,
        public bool $water = false,
        public ?Sweep $sweep = null,
    ) {
        if (! is_finite($thinning) || $thinning < 0 || $thinning > 0.95) {
            throw Refused::at('/thinning_percent', 'Reducer goes from 0 to 95 percent of the mix; of 100 there is no paint in it.');
        }
    }

    /** What this asks for: of its work, or between an accent and a coat as wet and as wide as the sweep is. */
    public function figures(): WorkFigures
    {
        return $this->sweep?->from(($this->work->isFree() ? SprayWork::Fade : $this->work)->figures()) ?? $this->work->figures();
    }

    /** Whether it is sprayed freely with paint that is seen through, which practice also does with little air from close up. */
    public function seenThrough(): bool
    {
        return $this->work->isFree() && \in_array($this->kind, [Kind::SemiOpaque, Kind::Transparent, Kind::Ink], true);
    }

    public function nozzleTooFine(): bool
    {
        return ! $this->nozzle->takes($this->kind, $this->craft);
    }
}
