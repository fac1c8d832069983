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
    ) {
        if (! is_finite($thinning) || $thinning < 0 || $thinning > 0.95) {
            throw Refused::at('/thinning_percent', 'Reducer goes from 0 to 95 percent of the mix; of 100 there is no paint in it.');
        }
    }

    public function nozzleTooFine(): bool
    {
        return ! $this->nozzle->takes($this->kind, $this->craft);
    }
}
