<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

use Hawkbrush\Core\Refused;

/**
 * From an area and a film to the paint it takes. 1 litre spread 1 um thick covers 1000 square metres; 1604 square feet
 * a US gallon at one mil (handbook constant, ASTM D5146).
 */
final readonly class Spread
{
    public const DROP_ML = 0.05;

    private function __construct(public float $ml, public float $dryUm) {}

    /**
     * @param float $transferEfficiency share of the paint that lands, above 0 to 1
     * @param float $solids by volume, 0 to 1
     * @param float $thinning share of reducer in what is sprayed, 0 to 1
     *
     * @throws Refused when nothing would land
     */
    public static function over(float $areaMm2, float $wetUm, int $coats, float $transferEfficiency, float $solids, float $thinning): self
    {
        if ($transferEfficiency <= 0 || $transferEfficiency > 1) {
            throw Refused::at('/transfer_efficiency', 'Transfer efficiency lies above 0, up to 1.');
        }

        return new self(
            $areaMm2 * $wetUm * $coats / $transferEfficiency * 1e-6,
            $wetUm * $coats * $solids * (1 - $thinning),
        );
    }

    public function drops(): float
    {
        return $this->ml / self::DROP_ML;
    }
}
