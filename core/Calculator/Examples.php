<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

/** Small documents that the calculators show as examples. Invented. */
final class Examples
{
    /** @return array<string, mixed> */
    public static function body(): array
    {
        return [
            'length_mm' => 65,
            'exponent' => 2,
            'stations' => [[0, 1, 1, 1], [0.15, 10, 9, 6.5], [0.4, 14, 12.5, 8.5], [0.7, 9, 8.5, 5.5], [1, 1, 1, 1]],
        ];
    }

    /** @return array<string, mixed> */
    public static function recipe(): array
    {
        return [
            'name' => 'Example',
            'body' => self::body(),
            'paints' => [
                'white' => ['name' => 'White', 'hex' => '#f2f2ee', 'kind' => 'opaque'],
                'moss' => ['name' => 'Moss', 'hex' => '#5d7051', 'kind' => 'transparent'],
            ],
            'steps' => [
                ['id' => 'base', 'type' => 'paint', 'mix' => [['paint' => 'white', 'drops' => 6]], 'technique' => ['name' => 'spray'],
                    'where' => ['zone' => 'whole'], 'coats' => 2, 'weight' => 'heavy', 'psi' => 38, 'set' => ['by' => 'heat']],
                ['id' => 'scales', 'type' => 'paint', 'mix' => [['paint' => 'moss', 'drops' => 3]], 'technique' => [
                    'name' => 'mesh',
                    'pitch_mm' => 3,
                ],
                    'where' => ['zone' => 'back'], 'aim_deg' => 20, 'width_mm' => 26, 'coats' => 3, 'psi' => 10,
                    'thinning_percent' => 60, 'set' => ['by' => 'heat']],
            ],
        ];
    }
}
