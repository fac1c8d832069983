<?php

declare(strict_types=1);

namespace App\Devices;

use Hawkbrush\Core\Film\Optics;

/** A card half white, half black with a film of one paint, as a simulated instrument meets it. */
final readonly class PaintedCard
{
    public const HALVES = [
        'white' => 'bare white',
        'black' => 'bare black',
        'over_white' => 'painted, on the white',
        'over_black' => 'painted, on the black',
    ];

    /** Reflectance of the halves themselves, without their surface. */
    public const WHITE = 0.88;

    public const BLACK = 0.03;

    public function __construct(public string $name, public Optics $optics, public float $wetUm, public float $solids) {}
}
