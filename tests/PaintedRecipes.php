<?php

declare(strict_types=1);

namespace Tests;

use Hawkbrush\Core\Calculator\Examples;

/**
 * Patterns painted in earnest, our own, after common practice (no published source): a hand that knows its trade would spray
 * each of them as it stands. Advice is held against them.
 */
final class PaintedRecipes
{
    private const PAINTS = [
        'white' => ['#f4f4f0', 'opaque'], 'bone' => ['#ddd3b4', 'opaque'], 'black' => ['#141414', 'opaque'],
        'olive' => ['#5a5a2c', 'opaque'],
        'cream' => ['#efe4b8', 'opaque'], 'silver' => ['#c4c8ca', 'metallic'],
        'gold' => ['#c9a045', 'metallic'], 'pearl' => ['#e6e6e4', 'pearl'], 'blue pearl' => ['#a9c8de', 'pearl'],
        'smoke' => ['#3a3a3e', 'transparent'], 'moss' => ['#4d6340', 'transparent'], 'sepia' => ['#6a4524', 'transparent'],
        'red' => ['#b3202c', 'transparent'], 'yellow' => ['#f0c828', 'transparent'], 'blue' => ['#23559a', 'transparent'],
        'violet' => ['#5d3a86', 'transparent'], 'orange' => ['#e06a10', 'semi-opaque'], 'glow' => ['#ff6a1a', 'fluorescent'],
        'ink' => ['#101014', 'ink'], 'size' => ['#ffffff', 'tacky size'],
        'night' => ['#d8e8c0', 'glow in the dark'], 'shift' => ['#c98a2a', 'colour shift'],
    ];

    /** @param list<array<string, mixed>> $steps */
    public static function document(array $steps, string $ground = '#d8d8d4', string $shine = 'none'): array
    {
        $paints = array_map(
            static fn(array $paint): array => ['hex' => $paint[0], 'kind' => $paint[1], 'seen' => 'clear'],
            self::PAINTS,
        );

        return [
            'name' => 'Painted',
            'body' => Examples::body() + ['ground' => ['hex' => $ground], 'shine' => $shine, 'marks' => ['eye_socket_mm' => 5.5]],
            'paints' => $paints,
            'steps' => array_map(
                static fn(array $step, int $i): array => $step + ['id' => 's'.($i + 1)],
                $steps,
                array_keys($steps),
            ),
        ];
    }

    /**
     * A coat, heat set.
     *
     * @param string $paints names joined with + for equal drops
     * @param string|array<string, float|string> $technique
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    public static function coat(string $paints, string|array $technique = 'spray', string|array $where = 'whole', array $more = []): array
    {
        return $more + [
            'type' => 'paint',
            'mix' => array_map(static fn(string $paint): array => ['paint' => $paint, 'drops' => 1], explode('+', $paints)),
            'technique' => \is_string($technique) ? ['name' => $technique] : $technique,
            'where' => \is_string($where) ? ['zone' => $where] : $where,
        ];
    }

    /** Two heavy coats that hide, dry right through. */
    public static function base(string $paint = 'white'): array
    {
        return self::coat($paint, 'spray', 'whole', ['coats' => 2, 'weight' => 'heavy', 'psi' => 38, 'set' => self::RIGHT_THROUGH]);
    }

    public const RIGHT_THROUGH = ['by' => 'heat', 'minutes' => 22];

    private const FADE = ['aim_deg' => 55, 'coats' => 2, 'weight' => 'light', 'psi' => 7, 'thinning_percent' => 20];

    private const DUST = ['aim_deg' => 0, 'width_mm' => 10, 'coats' => 3, 'weight' => 'light', 'psi' => 10, 'thinning_percent' => 50];

    private const GLAZE = ['aim_deg' => 25, 'coats' => 3, 'weight' => 'light', 'psi' => 12, 'thinning_percent' => 40];

    private const SPECKS = ['psi' => 2, 'thinning_percent' => 60, 'weight' => 'light'];

    private const THROUGH = ['coats' => 2, 'weight' => 'light', 'psi' => 12, 'thinning_percent' => 20];

    private const DETAIL = ['coats' => 2, 'weight' => 'light', 'psi' => 5, 'thinning_percent' => 40];

    private const CLEAR = ['type' => 'clear', 'clear' => 'two-part epoxy'];

    private const EYE = ['type' => 'eye', 'diameter_mm' => 6];

    /** @return array<string, array{steps: list<array<string, mixed>>, ground?: string}> */
    public static function all(): array
    {
        $mesh = ['name' => 'mesh', 'pitch_mm' => 3];

        return [
            'roach over white, grey through a mesh' => ['steps' => [
                self::base(),
                self::coat('pearl', 'spray', 'flank', self::FADE),
                self::coat('blue pearl', 'spray', 'shoulder', self::FADE + ['set' => self::RIGHT_THROUGH]),
                self::coat('smoke', $mesh, 'flank', self::THROUGH),
                self::coat('ink', 'spray', 'back', self::DUST),
                self::coat('ink', 'card', 'whole', self::DETAIL),
                self::EYE, self::CLEAR,
            ]],
            'rudd, one mesh left on for three colours, aimed otherwise each time' => ['steps' => [
                self::base(),
                self::coat('gold', 'spray', 'whole', ['coats' => 2, 'psi' => 45, 'set' => self::RIGHT_THROUGH]),
                self::coat('sepia', $mesh, 'flank', ['aim_deg' => 60] + self::THROUGH),
                self::coat('moss', $mesh, 'shoulder', ['aim_deg' => 30] + self::THROUGH),
                self::coat('ink', $mesh, 'back', ['aim_deg' => 10] + self::THROUGH),
                self::coat('red', ['name' => 'spot', 'u' => 0.35, 'deg' => 150], 'whole', self::DETAIL),
                self::coat('ink', 'punch', 'whole', self::DETAIL),
                self::EYE, self::CLEAR,
            ]],
            'bleak on clear plastic, pearl first' => ['ground' => '#c8ccd0', 'steps' => [
                self::coat('pearl', 'spray', 'whole', ['coats' => 3, 'psi' => 30]),
                self::coat('silver', 'spray', 'flank', ['aim_deg' => 90, 'coats' => 1, 'psi' => 48]),
                self::coat('blue+moss', 'spray', 'back', self::DUST),
                self::coat('ink', ['name' => 'line', 'width_mm' => 0.8], 'lateral line', ['weight' => 'mist']),
                self::EYE, self::CLEAR,
            ]],
            'smelt on a mirror body, see-through colours straight on' => ['ground' => '#b8babc', 'shine' => 'mirror', 'steps' => [
                self::coat('yellow', 'spray', 'flank', self::FADE),
                self::coat('blue', 'spray', 'back', self::DUST),
                self::coat('smoke', 'scallops', 'flank', self::DETAIL),
                self::EYE, self::CLEAR,
            ]],
            'glitter on tacky size, then clear and a sanded second' => ['steps' => [
                self::base('white'),
                self::coat('blue', 'spray', 'back', self::DUST),
                self::coat('size', 'spray', 'flank', ['weight' => 'medium', 'set' => ['by' => 'wet', 'minutes' => 0]]),
                self::coat('silver', ['name' => 'glitter', 'flake_mm' => 0.4], 'whole', ['set' => self::RIGHT_THROUGH]),
                self::EYE, self::CLEAR,
            ]],
            'gudgeon by sponge and splatter' => ['steps' => [
                self::base('bone'),
                self::coat('sepia', 'sponge', 'flank', ['weight' => 'light']),
                self::coat('olive', 'sponge', 'shoulder', ['weight' => 'light']),
                self::coat('ink', ['name' => 'splatter', 'drop_mm' => 0.5], 'back', self::SPECKS),
                self::coat('ink', 'circles', 'flank', self::DETAIL),
                self::EYE, self::CLEAR,
            ]],
            'ruffe, dry brush and dots' => ['steps' => [
                self::base('bone'),
                self::coat('olive', 'spray', 'shoulder', ['aim_deg' => 25, 'coats' => 2, 'weight' => 'light', 'psi' => 12]),
                self::coat('sepia', 'dry brush', 'flank', ['weight' => 'light']),
                self::coat('black', 'dots', 'shoulder', ['weight' => 'light']),
                self::coat('cream', 'dots', 'flank', ['weight' => 'medium']),
                self::EYE, self::CLEAR,
            ]],
            'char: fluorescent over white, light spots after the dark back' => ['steps' => [
                self::base(),
                self::coat('glow', 'spray', 'belly', ['aim_deg' => 160, 'coats' => 2, 'psi' => 42]),
                self::coat('moss', 'spray', 'shoulder', self::GLAZE),
                self::coat('ink', 'spray', 'back', self::DUST),
                self::coat('white', 'dots', 'flank', ['weight' => 'heavy']),
                self::EYE, self::CLEAR,
            ]],
            'grayling: a fan by card, rays by pen, violet over pearl' => ['steps' => [
                self::base(),
                self::coat('pearl', 'spray', 'whole', ['coats' => 2, 'psi' => 30]),
                self::coat('violet', 'spray', 'shoulder', self::FADE),
                self::coat('smoke', 'scallops', 'flank', self::DETAIL),
                self::coat('red', 'fan', 'whole', self::DETAIL),
                self::coat('ink', 'line', 'lateral line', ['weight' => 'mist']),
                self::EYE, self::CLEAR,
            ]],
            'burbot: sepia deepens gold, black in full patches' => ['steps' => [
                self::base('cream'),
                self::coat('gold', 'spray', 'flank', ['coats' => 2, 'psi' => 45]),
                self::coat('sepia', 'spray', 'shoulder', self::GLAZE),
                self::coat('black', ['name' => 'mottle', 'size_mm' => 5], 'flank', ['coats' => 2, 'weight' => 'medium', 'psi' => 10]),
                self::EYE, self::CLEAR,
            ]],
            'sand eel: wet blend of pearl and gold' => ['steps' => [
                self::base(),
                self::coat('pearl', 'spray', 'flank', ['coats' => 1, 'weight' => 'medium', 'set' => ['by' => 'wet', 'minutes' => 0]]),
                self::coat('gold', 'spray', 'shoulder', ['aim_deg' => 40, 'coats' => 1, 'weight' => 'light', 'psi' => 45]),
                self::coat('blue', 'spray', 'back', self::DUST),
                self::EYE, self::CLEAR,
            ]],
            'zander: stripes before the back is darkened' => ['steps' => [
                self::base(),
                self::coat('gold', 'spray', 'flank', ['aim_deg' => 70, 'coats' => 1, 'psi' => 45]),
                self::coat('olive', 'bars', 'whole', ['coats' => 3, 'weight' => 'light', 'psi' => 5, 'thinning_percent' => 30]),
                self::coat('moss', 'spray', 'back', self::DUST),
                self::coat('ink', 'spray', 'back', ['width_mm' => 5] + self::DUST),
                self::coat('ink', 'card', 'whole', self::DETAIL),
                self::EYE, self::CLEAR,
            ]],
            'dark veins: black under a mesh, light colours through it' => ['steps' => [
                self::base('black'),
                self::coat('white', $mesh, 'flank', ['coats' => 4, 'thinning_percent' => 10, 'aim_deg' => 90] + self::THROUGH),
                self::coat('gold', $mesh, 'shoulder', ['coats' => 2, 'weight' => 'light', 'psi' => 45, 'aim_deg' => 40]),
                self::EYE, self::CLEAR,
            ]],
            'belly whitened again late, a dust of gold over the black back' => ['steps' => [
                self::base(),
                self::coat('moss', 'spray', 'shoulder', self::GLAZE),
                self::coat('black', 'spray', 'back', ['coats' => 2, 'thinning_percent' => 0] + self::DUST),
                self::coat('white', 'spray', 'belly', ['aim_deg' => 180, 'coats' => 2, 'weight' => 'light', 'psi' => 30]),
                self::coat('gold', 'spray', 'back', ['coats' => 1, 'weight' => 'mist', 'psi' => 45, 'thinning_percent' => 0] + self::DUST),
                self::EYE, self::CLEAR,
            ]],
            'sealed in between, tape after a night, a decal at the end' => ['steps' => [
                self::base('bone'),
                self::coat('orange', 'spray', 'belly', ['aim_deg' => 160, 'coats' => 2, 'weight' => 'light', 'psi' => 20]),
                ['type' => 'clear', 'clear' => 'acrylic spray'],
                self::coat('black', 'tape', 'whole', ['coats' => 2, 'weight' => 'medium', 'psi' => 15]),
                self::coat('ink', 'decal', 'whole', ['weight' => 'light']),
                ['type' => 'wait', 'minutes' => 720],
                self::EYE,
                ['type' => 'clear', 'clear' => 'UV resin'],
            ]],
        ];
    }
}
