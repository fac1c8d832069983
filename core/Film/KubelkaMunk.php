<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

/**
 * Kubelka and Munk for one homogeneous film (Kubelka, J. Opt. Soc. Am. 38, 448 (1948)): with a = (S+K)/S and
 * b = sqrt(a^2-1), R0 = sinh(bSX) / (a sinh(bSX) + b cosh(bSX)), T = b / (a sinh(bSX) + b cosh(bSX)).
 *
 * Written with E = exp(-2bSX) so that a thick film cannot overflow, and with bS = sqrt(K(K + 2S)) so that the limits
 * K = 0 and S = 0 need no division by S.
 */
final class KubelkaMunk
{
    /** Below this the film is nearly unable to absorb and the closed form loses digits; the limit K = 0 is exact enough. */
    private const HARDLY_ABSORBING = 1e-9;

    /**
     * @param list<float> $k per micrometre, by band
     * @param list<float> $s per micrometre, by band
     *
     * @return array{list<float>, list<float>} reflectance over black, transmittance
     */
    public static function film(array $k, array $s, float $dryUm): array
    {
        $reflectance = [];
        $transmittance = [];
        foreach ($k as $i => $absorb) {
            $scatter = $s[$i];
            $bs = sqrt($absorb * ($absorb + 2 * $scatter));
            if ($bs * $dryUm < self::HARDLY_ABSORBING) {
                $through = 1 / (1 + $scatter * $dryUm);
                $reflectance[] = $scatter * $dryUm * $through;
                $transmittance[] = $through;

                continue;
            }
            $e = exp(-$bs * $dryUm);
            $e2 = $e * $e;
            // Numerator and denominator are both multiplied by 2 S exp(-bSX).
            $below = ($scatter + $absorb) * (1 - $e2) + $bs * (1 + $e2);
            $reflectance[] = $scatter * (1 - $e2) / $below;
            $transmittance[] = 2 * $bs * $e / $below;
        }

        return [$reflectance, $transmittance];
    }
}
