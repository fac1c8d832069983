<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step\Dip;

/**
 * Vinyl melted in its cup: how long it is heated, in which pieces, and how long it can be dipped into before it is heated
 * again. Dipped at 330 to 340 F, first a minute, then half a minute at a time, stirred with metal (common practice, no
 * published source). Times follow from heat = capacity x rise over what an oven puts into a cup, and cooling from the loss
 * to still air (Newton); both rest on guesses, and the thermometer decides.
 */
final readonly class Melt
{
    /** It is dipped between these: 330 and 340 F. */
    public const FROM_C = 165.6;

    public const TO_C = 171.1;

    /** From here it yellows and fumes. Common practice, no published source. */
    public const NEVER_C = 177.0;

    private const FIRST_S = 60;

    private const THEN_S = 30;

    /** A cup that is heated so. More of it takes as much longer each time: it is as much warmer at each stir. A guess. */
    private const CUP_ML = 120.0;

    private const LEAST_S = 5;

    /** A stir and a look at the thermometer. A guess. */
    private const STIR_MIN = 0.25;

    /** J per K of a millilitre of vinyl (1.15 g/ml, 1.7 J/(g K)), and of its glass cup by the millilitre it holds. Guesses. */
    private const VINYL_J_K_ML = 1.95;

    private const CUP_J_K_ML = 1.5;

    /** What an ordinary oven puts into a cup, W. A guess. */
    private const OVEN_W = 250.0;

    /** Lost to still air, W/(m2 K), and the face of a cup that holds a millilitre, m2: it grows with the volume to 2/3. Guesses. */
    private const LOSS_W_M2_K = 12.0;

    private const FACE_M2 = 5.5e-4;

    /** In, slowly out, the drop back into the cup. A guess. */
    public const DIP_MIN = 0.35;

    /**
     * @param non-empty-list<int> $heats seconds of each heating, stirred and measured after each
     * @param int $againS seconds of heat once it has cooled
     * @param float $holdsMin from the top of the range to where it grows too thick to dip
     */
    private function __construct(public array $heats, public float $holdsMin, public int $dipsPerHeat, public int $againS) {}

    /**
     * @param float $cupMl of vinyl
     * @param float $atC what it is to stand at
     */
    public static function of(float $cupMl, float $atC, float $airC): self
    {
        $capacity = $cupMl * (self::VINYL_J_K_ML + self::CUP_J_K_ML);
        $left = $capacity * max(0.0, $atC - $airC) / self::OVEN_W;
        $larger = max(1.0, $cupMl / self::CUP_ML);
        $again = (int) (self::LEAST_S * round(self::THEN_S * $larger / self::LEAST_S));
        $heats = [];
        do {
            $next = $heats === [] ? (int) (self::LEAST_S * round(self::FIRST_S * $larger / self::LEAST_S)) : $again;
            $heats[] = (int) max(self::LEAST_S, min($next, self::LEAST_S * ceil($left / self::LEAST_S)));
            $left -= $heats[\count($heats) - 1];
        } while ($left > 0);
        $loss = self::LOSS_W_M2_K * self::FACE_M2 * $cupMl ** (2 / 3) * max(1.0, (self::FROM_C + self::TO_C) / 2 - $airC);
        $holds = $capacity * (self::TO_C - self::FROM_C) / $loss / 60;

        return new self($heats, $holds, max(1, (int) ($holds / self::DIP_MIN)), $again);
    }

    /** Minutes until it can first be dipped into: heating, and a stir after each. */
    public function readyMin(): float
    {
        return array_sum($this->heats) / 60 + \count($this->heats) * self::STIR_MIN;
    }

    /** How often it is heated again for so many dips. */
    public function reheats(int $dips): int
    {
        return max(0, (int) ceil($dips / $this->dipsPerHeat) - 1);
    }

    /** Minutes of dipping, with heat and a stir each time it has cooled. */
    public function dippingMin(int $dips): float
    {
        return $dips * self::DIP_MIN + $this->reheats($dips) * ($this->againS / 60 + self::STIR_MIN);
    }
}
