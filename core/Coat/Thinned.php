<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

use Hawkbrush\Core\Refused;

/** Paint as it goes into the cup: a mix and its reducer. */
final readonly class Thinned
{
    /**
     * @param float $thinning share of reducer in the mix, 0 to 0.95
     *
     * @throws Refused when there would be nothing but reducer
     */
    public function __construct(public Mixture $mixture, public float $thinning)
    {
        if ($thinning < 0 || $thinning >= 1) {
            throw Refused::because('Some of what is sprayed is paint, the rest is reducer.');
        }
    }
}
