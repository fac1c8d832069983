<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Pattern\Paint;

/** A mix that comes near a wanted colour. */
final readonly class Offer
{
    /**
     * @param non-empty-list<array{Paint, int}> $parts paints with their drops
     * @param float $deltaE difference that remains, CIEDE2000
     */
    public function __construct(public array $parts, public Colour $colour, public float $deltaE) {}
}
