<?php

declare(strict_types=1);

namespace Database\Seeders;

/** Invented patterns on wood and on a mirror body: brushed, cut, sprinkled, slid on. */
final class DemoPatternsByHand
{
    /** @return list<array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>}> */
    public static function all(): array
    {
        return [self::smelt(), self::ruffe()];
    }

    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    private static function smelt(): array
    {
        return DemoSteps::pattern('Smelt, estuary', 'smelt', 'clear to stained', 'Transparents straight onto the mirror; glitter below, a decal for the eye spot. To order.', 'tern75', [
            DemoSteps::prep('Wipe and mask', 'Mask the eyes and the bill with tape; wipe with a dry towel, no scuffing.', 3),
            DemoSteps::coat(
                'bluepearl',
                'spray',
                DemoSteps::range(0, 1, 30, 92, 0.6),
                [
                    'title' => 'Blue pearl over the mirror',
                    'aim_deg' => 70,
                    'width_mm' => 9,
                    'coats' => 2,
                    'weight' => 'light',
                    'psi' => 5.5,
                    'work' => 'fade',
                    'thinning_percent' => 20,
                    'strokes' => 4,
                ],
            ),
            DemoSteps::coat(
                'blue',
                'spray',
                'shoulder',
                [
                    'title' => 'Blue shoulder',
                    'aim_deg' => 30,
                    'width_mm' => 12,
                    'coats' => 2,
                    'psi' => 10,
                    'thinning_percent' => 40,
                    'strokes' => 4,
                ],
            ),
            DemoSteps::coat(
                'moss',
                'spray',
                'back',
                [
                    'title' => 'Green back',
                    'aim_deg' => 0,
                    'width_mm' => 10,
                    'coats' => 4,
                    'psi' => 10,
                    'thinning_percent' => 40,
                    'strokes' => 4,
                    'set' => ['by' => 'heat', 'minutes' => 22],
                ],
            ),
            DemoSteps::coat(
                'grey',
                'mesh',
                DemoSteps::range(0.25, 0.97, 20, 120, 0.5),
                [
                    'title' => 'Fine square mesh',
                    'technique' => ['pitch_mm' => 2.2, 'age' => 'stiff', 'lie' => 'square'],
                    'aim_deg' => 65,
                    'coats' => 1,
                    'weight' => 'mist',
                    'psi' => 10,
                    'thinning_percent' => 50,
                    'slant_deg' => 35,
                    'strokes' => 4,
                    'set' => ['by' => 'heat', 'minutes' => 0],
                ],
            ),
            DemoSteps::coat(
                'silverpearl',
                'mesh',
                DemoSteps::range(0.25, 0.97, 20, 120, 0.5),
                [
                    'title' => 'Frost from the tail',
                    'technique' => ['pitch_mm' => 2.2, 'age' => 'stiff', 'lie' => 'square'],
                    'aim_deg' => 95,
                    'coats' => 2,
                    'weight' => 'light',
                    'psi' => 10,
                    'thinning_percent' => 20,
                    'slant_deg' => -40,
                    'strokes' => 4,
                    'set' => ['by' => 'heat', 'minutes' => 5],
                ],
            ),
            DemoSteps::coat(
                'size',
                'spray',
                DemoSteps::range(0.22, 0.95, 92, 165, 0.5),
                [
                    'title' => 'Size for the glitter',
                    'aim_deg' => 120,
                    'coats' => 1,
                    'weight' => 'medium',
                    'psi' => 32,
                    'strokes' => 3,
                    'set' => ['by' => 'wet', 'minutes' => 0],
                ],
            ),
            DemoSteps::coat(
                'gold',
                'glitter',
                'whole',
                [
                    'title' => 'Brass glitter, lower side',
                    'technique' => ['flake_mm' => 0.45, 'per_cm2' => 45],
                    'coats' => 2,
                    'weight' => 'heavy',
                    'strokes' => 1,
                    'seed' => 6,
                    'set' => ['by' => 'heat', 'minutes' => 22],
                ],
            ),
            DemoSteps::coat(
                'ink',
                'line',
                'whole',
                [
                    'title' => 'Dark side line',
                    'technique' => ['width_mm' => 0.7, 'deg' => 58, 'from_u' => 0.24, 'to_u' => 0.96, 'dash_mm' => 0],
                    'coats' => 1,
                    'weight' => 'light',
                    'strokes' => 1,
                    'set' => ['by' => 'heat', 'minutes' => 22],
                ],
            ),
            DemoSteps::coat(
                'smoke',
                'punch',
                'whole',
                [
                    'title' => 'Shoulder spot, crescent',
                    'technique' => ['shape' => 'crescent', 'long_mm' => 5.5, 'u' => 0.29, 'deg' => 76, 'turn_deg' => 0],
                    'aim_deg' => 80,
                    'coats' => 4,
                    'weight' => 'light',
                    'psi' => 8,
                    'thinning_percent' => 30,
                    'strokes' => 2,
                    'set' => ['by' => 'heat', 'minutes' => 22],
                ],
            ),
            DemoSteps::coat(
                'bone',
                'decal',
                'whole',
                [
                    'title' => 'Decal, tail mark',
                    'technique' => ['outline' => 'M0 2L4 0.4L9 0L14 2L9 4L4 3.6Z', 'long_mm' => 7, 'u' => 0.9, 'deg' => 92],
                    'coats' => 2,
                    'weight' => 'medium',
                    'strokes' => 1,
                ],
            ),
            DemoSteps::eye('flat', 5, '#c8ccd0'),
            ['title' => 'Glitter resin', 'stirred' => [
                ['paint' => 'rainbow', 'percent' => 1, 'flake_mm' => 0.4, 'where' => ['zone' => 'belly']],
                ['paint' => 'black', 'percent' => 0.6, 'flake_mm' => 0.3, 'where' => ['zone' => 'back']],
            ]] + DemoSteps::clear('UV resin', 1),
        ]);
    }

    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    private static function ruffe(): array
    {
        return DemoSteps::pattern('Ruffe, harbour wall', 'ruffe', 'stained', 'Brushed base on wood, a cut fin, flicked specks. For stock.', 'dipper50', [
            DemoSteps::prep('Seal and sand', 'Two coats of sealer, cured; sand back with 400 grit, wipe with alcohol, mask the bill with tape.', 14),
            DemoSteps::coat(
                'bone',
                'brush',
                'whole',
                [
                    'title' => 'Bone, brushed',
                    'technique' => ['wide_mm' => 5, 'streaks' => 0.2],
                    'coats' => 2,
                    'weight' => 'medium',
                    'strokes' => 8,
                    'seed' => 2,
                ],
            ),
            DemoSteps::coat(
                'foil',
                'foil',
                'whole',
                [
                    'title' => 'Foil cheek',
                    'technique' => ['outline' => 'M0 3C2 0 8 0 9 4C8 8 3 8 0 3Z', 'long_mm' => 6, 'u' => 0.2, 'deg' => 104],
                    'coats' => 1,
                    'weight' => 'light',
                    'strokes' => 1,
                ],
            ),
            DemoSteps::coat(
                'amber+sepia',
                'spray',
                DemoSteps::range(0, 1, 0, 118, 0.7),
                [
                    'title' => 'Olive-yellow side',
                    'aim_deg' => 60,
                    'width_mm' => 18,
                    'coats' => 2,
                    'psi' => 14,
                    'thinning_percent' => 40,
                    'strokes' => 4,
                ],
            ),
            DemoSteps::coat(
                'moss',
                'spray',
                DemoSteps::range(0, 1, 0, 66, 0.7),
                [
                    'title' => 'Green back',
                    'aim_deg' => 10,
                    'width_mm' => 16,
                    'coats' => 3,
                    'psi' => 12,
                    'thinning_percent' => 40,
                    'strokes' => 4,
                ],
            ),
            DemoSteps::coat(
                'sepia',
                'sponge',
                DemoSteps::range(0.1, 0.98, 20, 96, 0.5),
                [
                    'title' => 'Sponged',
                    'technique' => ['dab_mm' => 6, 'pore_mm' => 0.9, 'per_cm2' => 2.5],
                    'coats' => 2,
                    'weight' => 'medium',
                    'strokes' => 1,
                    'seed' => 9,
                    'set' => ['by' => 'heat', 'minutes' => 22],
                ],
            ),
            DemoSteps::coat(
                'black',
                'outline',
                'whole',
                [
                    'title' => 'Spiny fin, cut',
                    'technique' => [
                        'outline' => 'M0 9L2 3L4 5L6 0.5L8.5 4L11 0L13 4L16 1L17.5 5L21 3L22 9Z',
                        'long_mm' => 17,
                        'u' => 0.48,
                        'deg' => 24,
                    ],
                    'aim_deg' => 10,
                    'coats' => 4,
                    'weight' => 'light',
                    'psi' => 8,
                    'thinning_percent' => 40,
                    'strokes' => 3,
                ],
            ),
            DemoSteps::coat(
                'bone',
                'pen bars',
                'whole',
                [
                    'title' => 'Spines, pen',
                    'technique' => [
                        'count' => 8,
                        'width_mm' => 0.4,
                        'from_u' => 0.38,
                        'to_u' => 0.58,
                        'top_deg' => 6,
                        'bottom_deg' => 34,
                        'lean_mm' => -1,
                    ],
                    'coats' => 2,
                    'weight' => 'heavy',
                    'strokes' => 1,
                ],
            ),
            DemoSteps::coat(
                'sepia',
                'edge line',
                'whole',
                [
                    'title' => 'Mouth',
                    'technique' => ['along' => 'mouth', 'width_mm' => 0.8, 'top_deg' => 96, 'bottom_deg' => 112],
                    'aim_deg' => 100,
                    'coats' => 4,
                    'weight' => 'light',
                    'psi' => 8,
                    'thinning_percent' => 40,
                    'strokes' => 1,
                ],
            ),
            DemoSteps::coat(
                'black',
                'splatter',
                DemoSteps::range(0.08, 0.97, 8, 104, 0.4),
                [
                    'title' => 'Specks, toothbrush',
                    'technique' => ['drop_mm' => 0.9, 'per_cm2' => 9, 'by' => 'toothbrush'],
                    'coats' => 1,
                    'weight' => 'heavy',
                    'strokes' => 2,
                    'seed' => 12,
                ],
            ),
            DemoSteps::coat(
                'smoke',
                'spot',
                'whole',
                [
                    'title' => 'Ring for the gill spot',
                    'technique' => ['u' => 0.33, 'deg' => 78, 'diameter_mm' => 4.5, 'soft' => 0.3, 'core' => 0.45],
                    'coats' => 4,
                    'weight' => 'light',
                    'psi' => 8,
                    'thinning_percent' => 40,
                    'strokes' => 2,
                    'set' => ['by' => 'heat', 'minutes' => 22],
                ],
            ),
            DemoSteps::gillEdge('ink', 1.8, 1),
            DemoSteps::eye('glass', 5, '#8a9a4a', ['pupil' => 'slit upright']),
            DemoSteps::clear('two-part epoxy', 2),
        ]);
    }
}
