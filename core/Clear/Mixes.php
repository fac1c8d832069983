<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Clear;

/**
 * How a run's clear is divided into mixes: as many baits to one as can be coated before it pulls, and no more. By area:
 * film times area, over what reaches the bait. Common practice, no published source.
 */
final readonly class Mixes
{
    /** A small bait is brushed in about this. */
    public const COAT_MIN = 3.0;

    /** Stirred slowly for this long, scraping the cup. */
    public const STIR_MIN = 40 / 60;

    /** Share of a mix that reaches the bait; the rest stays in cup and brush. A guess. */
    private const REACHES = 0.8;

    /** What stays in the cup of any mix, ml. A guess. */
    private const STAYS_ML = 0.5;

    /** @param list<array{baits: int, ml: float, start_min: float, usable_min: float}> $mixes in the order of work, of one coat */
    private function __construct(public array $mixes, public int $baitsPerMix) {}

    /**
     * @param float $areaMm2 of one bait
     *
     * @return self no mixes where nothing is mixed
     */
    public static function of(Product $product, float $airC, int $baits, float $areaMm2): self
    {
        if (! $product->clear->isMixed()) {
            return new self([], $baits);
        }
        $perBait = self::mlPerBait($product->clear, $areaMm2);
        $fits = 1;
        while ($fits < $baits && self::fits($product, $airC, $fits + 1, $perBait)) {
            $fits++;
        }
        $count = (int) ceil($baits / $fits);
        $mixes = [];
        $start = 0.0;
        for ($i = 0; $i < $count; $i++) {
            // As even as they divide, the larger ones first.
            $serves = intdiv($baits, $count) + ($i < $baits % $count ? 1 : 0);
            $ml = self::ml($serves, $perBait);
            $mixes[] = ['baits' => $serves, 'ml' => $ml, 'start_min' => $start, 'usable_min' => PotLife::minutes($product, $airC, $ml)];
            $start += self::STIR_MIN + $serves * self::COAT_MIN;
        }

        return new self($mixes, $fits);
    }

    /** Whether the last bait is coated before the mix pulls. */
    public function holds(): bool
    {
        foreach ($this->mixes as $mix) {
            if ($mix['usable_min'] < self::COAT_MIN) {
                return false;
            }
        }

        return true;
    }

    public static function mlPerBait(Clear $clear, float $areaMm2): float
    {
        return $areaMm2 * $clear->thicknessUm() / 1e6 / self::REACHES;
    }

    private static function ml(int $baits, float $perBait): float
    {
        return $baits * $perBait + self::STAYS_ML;
    }

    private static function fits(Product $product, float $airC, int $baits, float $perBait): bool
    {
        return PotLife::minutes($product, $airC, self::ml($baits, $perBait)) >= $baits * self::COAT_MIN;
    }
}
