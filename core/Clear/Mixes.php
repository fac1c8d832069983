<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Clear;

/**
 * How a run's clear is divided into mixes: as many baits to one as can be coated before it pulls, and no more. By area:
 * film times area, over what reaches the bait. Common practice, no published source.
 */
final readonly class Mixes
{
    /** A bait is taken up, its joints and line ties seen to. Common practice, no published source. */
    private const HANDLED_MIN = 1.0;

    /** And brushed: a small one, of 4200 mm2, in about two minutes. Common practice, no published source. */
    private const BRUSHED_MIN_PER_MM2 = 2.0 / 4200;

    /** Stirred slowly for this long, scraping the cup. */
    public const STIR_MIN = 40 / 60;

    /** Share of a mix that reaches the bait; the rest stays in cup and brush. A guess. */
    private const REACHES = 0.8;

    /** What stays in the cup of any mix, ml. A guess. */
    private const STAYS_ML = 0.5;

    /** @param list<array{baits: int, ml: float, start_min: float, usable_min: float}> $mixes in the order of work, of one coat */
    private function __construct(public array $mixes, public int $baitsPerMix, public float $coatMin) {}

    /**
     * @param float $areaMm2 of one bait
     *
     * @return self no mixes where nothing is mixed; no bait to a mix where it pulls before one is coated
     */
    public static function of(Product $product, float $airC, int $baits, float $areaMm2): self
    {
        if (! $product->clear->isMixed()) {
            return new self([], $baits, self::coatMin($areaMm2));
        }
        $coatMin = self::coatMin($areaMm2);
        $perBait = self::mlPerBait($product->clear, $areaMm2);
        $fits = 1;
        while ($fits < $baits && self::fits($product, $airC, $fits + 1, $perBait, $coatMin)) {
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
            $start += self::STIR_MIN + $serves * $coatMin;
        }

        return new self($mixes, self::fits($product, $airC, 1, $perBait, $coatMin) ? $fits : 0, $coatMin);
    }

    /** Whether each bait is coated before its mix pulls. */
    public function holds(): bool
    {
        return $this->baitsPerMix > 0;
    }

    /** What to know where a mix pulls before one bait is coated; empty otherwise. */
    public function trouble(): string
    {
        return $this->holds() || $this->mixes === [] ? '' : \sprintf(
            'One mix lasts %.0f min, and brushing one bait takes about %.0f: mix for a part of the bait at a time, or take a slower clear.',
            floor($this->mixes[0]['usable_min']),
            ceil($this->coatMin),
        );
    }

    /** Minutes in which one bait is coated. */
    public static function coatMin(float $areaMm2): float
    {
        return self::HANDLED_MIN + self::BRUSHED_MIN_PER_MM2 * $areaMm2;
    }

    public static function mlPerBait(Clear $clear, float $areaMm2): float
    {
        return $areaMm2 * $clear->thicknessUm() / 1e6 / self::REACHES;
    }

    private static function ml(int $baits, float $perBait): float
    {
        return $baits * $perBait + self::STAYS_ML;
    }

    private static function fits(Product $product, float $airC, int $baits, float $perBait, float $coatMin): bool
    {
        return PotLife::minutes($product, $airC, self::ml($baits, $perBait)) >= $baits * $coatMin;
    }
}
