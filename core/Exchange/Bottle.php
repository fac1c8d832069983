<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Film\Kind;

/** A bottle of the rack as it stands in a table of them. */
final readonly class Bottle
{
    /**
     * @param float $solids share of the volume that stays, 0 to 1
     * @param string|null $openedOn YYYY-MM-DD
     * @param float|null $drying drying time as a multiple of the model's; null: unchanged
     */
    public function __construct(
        public string $name,
        public Kind $kind,
        public string $hex,
        public string $family,
        public string $finish,
        public float $solids,
        public float $dropMl,
        public float $bottleMl,
        public float $leftMl,
        public ?string $openedOn,
        public ?float $drying = null,
    ) {}
}
