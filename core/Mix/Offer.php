<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Mix;

use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Colour\Colour;

/** A mix offered for a wanted colour. */
final readonly class Offer
{
    /**
     * @param non-empty-list<array{Paint, int}> $parts paints with their drops
     * @param float $off how far off it is, by what it was looked for
     * @param float $deltaE difference that remains, CIEDE2000
     */
    public function __construct(public array $parts, public Colour $colour, public float $off, public float $deltaE) {}

    /** Which paints it is of. */
    public function set(): string
    {
        return self::setOf(array_column($this->parts, 0));
    }

    /** @param list<Paint> $paints in the rack's order */
    public static function setOf(array $paints): string
    {
        return implode(' ', array_map(static fn(Paint $paint): string => $paint->id, $paints));
    }

    /** Whether it comes near, see {@see MixSearch}. */
    public function near(): bool
    {
        return $this->deltaE < MixSearch::NEAR;
    }
}
