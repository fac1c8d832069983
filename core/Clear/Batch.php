<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Clear;

use Hawkbrush\Core\Drying\Climate;

/** The clear of a step for all baits of a run: what is mixed, when, and when it is hard. */
final readonly class Batch
{
    private function __construct(
        public Product $product,
        public Mixes $mixes,
        public Cure $cure,
        public int $coats,
        public float $takesMl,
        public float $bodyMm2,
    ) {}

    public static function of(Product $product, Climate $climate, int $baits, float $bodyMm2, int $coats): self
    {
        $mixes = Mixes::of($product, $climate->airC, $baits, $bodyMm2);
        $one = $mixes->mixes === []
            ? $baits * Mixes::mlPerBait($product->clear, $bodyMm2)
            : array_sum(array_column($mixes->mixes, 'ml'));

        return new self($product, $mixes, Cure::of($product, $climate), $coats, $coats * $one, $bodyMm2);
    }

    /** Minutes with the hands: stirring and brushing, all coats. */
    public function handsOnMin(int $baits): float
    {
        return $this->coats * (\count($this->mixes->mixes) * Mixes::STIR_MIN + $baits * $this->mixes->coatMin);
    }
}
