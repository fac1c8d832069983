<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Clear;

use Hawkbrush\Core\Drying\Climate;

/**
 * When a clear can be handled, coated again, sanded and fished. Shares of the time to hard and windows are common practice
 * without a published source; two parts follow the warmth, urethane the water in the air.
 */
final readonly class Cure
{
    /** Share of the time to hard from when another coat bonds by itself, and until when. */
    private const RECOAT_FROM = 0.15;

    private const RECOAT_UNTIL = 1.7;

    private const SANDS = 1.5;

    private const FISHES = 3.0;

    /** Hard through is fished: what the lamp has cured, and casting resin after its two days. */
    private const CURED = 1.0;

    private function __construct(
        public float $hardMin,
        public float $recoatFromMin,
        public float $recoatUntilMin,
        public float $sandMin,
        public float $fishMin,
    ) {}

    /** Minutes until so many coats are hard: each goes on as soon as it bonds to the one below, and the last one cures. */
    public function hardAfterMin(int $coats): float
    {
        return ($coats - 1) * $this->recoatFromMin + $this->hardMin;
    }

    public static function of(Product $product, Climate $climate): self
    {
        $clear = $product->clear;
        $hard = match ($clear) {
            Clear::Uv => $product->lampMin(),
            Clear::Urethane => $clear->hardMinutes() * min(6.0, max(0.4, Climate::ordinary()->waterGM3() / max(0.1, $climate->waterGM3()))),
            Clear::Acrylic => $clear->hardMinutes(),
            // What gels sooner is hard sooner: in proportion to the minutes on the label (a guess; its sheet goes first).
            Clear::Epoxy, Clear::Resin => $clear->hardMinutes() * $product->labelMin / Product::usual($clear)->labelMin
                / $clear->rate($climate->airC),
        };

        $through = $clear === Clear::Uv || $clear === Clear::Resin;

        return new self(
            $hard, self::RECOAT_FROM * $hard, self::RECOAT_UNTIL * $hard, ($through ? self::CURED : self::SANDS) * $hard,
            ($through ? self::CURED : self::FISHES) * $hard,
        );
    }
}
