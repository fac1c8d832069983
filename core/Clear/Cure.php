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

    /** Dose that hardens a UV resin through, and what an ordinary lamp box gives. Guesses; the sheet of either goes first. */
    public const UV_DOSE_J_CM2 = 9.0;

    public const UV_LAMP_MW_CM2 = 5.0;

    private function __construct(
        public float $hardMin,
        public float $recoatFromMin,
        public float $recoatUntilMin,
        public float $sandMin,
        public float $fishMin,
    ) {}

    public static function of(Clear $clear, Climate $climate, float $lampMwCm2 = self::UV_LAMP_MW_CM2): self
    {
        $hard = match ($clear) {
            Clear::Uv => self::lampMin($lampMwCm2),
            Clear::Urethane => $clear->hardMinutes() * min(6.0, max(0.4, Climate::ordinary()->waterGM3() / max(0.1, $climate->waterGM3()))),
            default => $clear->hardMinutes() / $clear->rate($climate->airC),
        };

        return new self($hard, self::RECOAT_FROM * $hard, self::RECOAT_UNTIL * $hard, self::SANDS * $hard, self::FISHES * $hard);
    }

    /** Minutes under a lamp of so many mW/cm2: a dose is irradiance times time. Under an opaque film none of it arrives. */
    public static function lampMin(float $lampMwCm2): float
    {
        return self::UV_DOSE_J_CM2 / ($lampMwCm2 / 1000) / 60;
    }
}
