<?php

declare(strict_types=1);

namespace Database\Seeders;

/** Fish of the demo with bars and rows of blotches. */
final class DemoPatternsBarred
{
    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    public static function gudgeon(): array
    {
        $about = 'Hardly any air: stencils, sponge and brush. For stock.';

        return DemoSteps::pattern('Gudgeon, gravel bar', 'gudgeon', 'clear to stained', $about, 'plover65', [
            DemoSteps::prep('Wipe and mask', 'Wipe with alcohol, mask the bill with tape.', 3),
            DemoSteps::coat(
                'bone',
                'spray',
                'whole',
                [
                    'title' => 'Bone, opaque',
                    'coats' => 3,
                    'weight' => 'heavy',
                    'psi' => 38,
                    'strokes' => 6,
                    'set' => ['by' => 'heat', 'minutes' => 22],
                ],
            ),
            DemoSteps::coat(
                'silverpearl',
                'tape',
                'whole',
                [
                    'title' => 'Pearl belly, below the tape',
                    'technique' => ['top_deg' => 122, 'bottom_deg' => 180],
                    'aim_deg' => 165,
                    'coats' => 4,
                    'weight' => 'light',
                    'psi' => 30,
                    'strokes' => 4,
                    'set' => ['by' => 'heat', 'minutes' => 22],
                ],
            ),
            DemoSteps::coat(
                'amber+sepia',
                'spray',
                DemoSteps::range(0, 1, 0, 96, 0.7),
                [
                    'title' => 'Sand flank',
                    'aim_deg' => 48,
                    'width_mm' => 20,
                    'coats' => 2,
                    'psi' => 14,
                    'thinning_percent' => 40,
                    'strokes' => 5,
                    'set' => ['by' => 'heat', 'minutes' => 22],
                ],
            ),
            DemoSteps::coat(
                'sepia',
                'scallops',
                DemoSteps::range(0.25, 0.97, 34, 124, 0.5),
                [
                    'title' => 'Scale rims',
                    'technique' => ['scale_mm' => 4.2, 'rim_mm' => 1.1],
                    'aim_deg' => 75,
                    'coats' => 2,
                    'weight' => 'light',
                    'psi' => 6,
                    'thinning_percent' => 50,
                    'strokes' => 4,
                    'set' => ['by' => 'heat', 'minutes' => 22],
                ],
            ),
            DemoSteps::coat(
                'moss+smoke',
                'keep clear',
                'back',
                [
                    'title' => 'Green-brown back, eyes clear',
                    'technique' => ['outline' => 'M0 3C0 -1 6 -1 6 3C6 7 0 7 0 3Z', 'long_mm' => 7, 'u' => 0.1, 'deg' => 72],
                    'aim_deg' => 0,
                    'width_mm' => 15,
                    'coats' => 3,
                    'psi' => 10,
                    'thinning_percent' => 40,
                    'strokes' => 4,
                ],
            ),
            DemoSteps::coat(
                'smoke',
                'sponge',
                DemoSteps::range(0.12, 0.98, 8, 74, 0.5),
                [
                    'title' => 'Sponged clouds',
                    'technique' => ['dab_mm' => 8, 'pore_mm' => 1.1, 'per_cm2' => 2.2],
                    'coats' => 3,
                    'weight' => 'medium',
                    'strokes' => 1,
                    'seed' => 5,
                    'set' => ['by' => 'heat', 'minutes' => 22],
                ],
            ),
            DemoSteps::coat(
                'black',
                'circles',
                'whole',
                [
                    'title' => 'Row of blotches',
                    'technique' => ['count' => 8, 'diameter_mm' => 3.4, 'from_u' => 0.3, 'to_u' => 0.93, 'deg' => 78],
                    'aim_deg' => 80,
                    'coats' => 1,
                    'weight' => 'mist',
                    'psi' => 5,
                    'thinning_percent' => 60,
                    'strokes' => 2,
                ],
            ),
            DemoSteps::coat(
                'smoke',
                'soft dots',
                'whole',
                [
                    'title' => 'Softer dots below',
                    'technique' => ['count' => 7, 'diameter_mm' => 1.8, 'from_u' => 0.34, 'to_u' => 0.86, 'deg' => 100, 'smaller' => 0.4],
                    'aim_deg' => 100,
                    'coats' => 2,
                    'weight' => 'light',
                    'psi' => 10,
                    'thinning_percent' => 20,
                    'strokes' => 1,
                ],
            ),
            DemoSteps::coat(
                'bone',
                'dry brush',
                DemoSteps::range(0.2, 0.95, 60, 118, 0.4),
                [
                    'title' => 'Bone, dry brush',
                    'technique' => ['streak_mm' => 9, 'hair_mm' => 0.3, 'per_cm2' => 5],
                    'coats' => 1,
                    'weight' => 'medium',
                    'strokes' => 3,
                    'seed' => 8,
                    'set' => ['by' => 'heat', 'minutes' => 22],
                ],
            ),
            DemoSteps::coat(
                'sepia',
                'fan',
                'whole',
                [
                    'title' => 'Pectoral fin',
                    'technique' => ['u' => 0.27, 'deg' => 122, 'length_mm' => 11, 'spread_deg' => 48, 'turn_deg' => 28, 'rays' => 8],
                    'aim_deg' => 120,
                    'coats' => 4,
                    'weight' => 'light',
                    'psi' => 5,
                    'thinning_percent' => 40,
                    'strokes' => 2,
                ],
            ),
            DemoSteps::coat(
                'ink',
                'rays',
                'whole',
                [
                    'title' => 'Fin rays, pen',
                    'technique' => [
                        'u' => 0.27,
                        'deg' => 122,
                        'length_mm' => 10.5,
                        'spread_deg' => 48,
                        'turn_deg' => 28,
                        'rays' => 8,
                        'width_mm' => 0.3,
                    ],
                    'coats' => 1,
                    'weight' => 'light',
                    'strokes' => 1,
                ],
            ),
            DemoSteps::coat(
                'black',
                'dots',
                DemoSteps::range(0.04, 0.96, 0, 56, 0.3),
                [
                    'title' => 'Specks, micro-brush',
                    'technique' => ['diameter_mm' => 0.8, 'apart_mm' => 3.6, 'vary' => 0.9],
                    'coats' => 1,
                    'weight' => 'heavy',
                    'strokes' => 1,
                    'seed' => 3,
                ],
            ),
            ['title' => 'Seal the ink'] + DemoSteps::clear('acrylic spray', 1),
            DemoSteps::eye('domed', 5.5, '#d0842a'),
            DemoSteps::clear('two-part epoxy', 1),
        ]);
    }

    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    public static function zander(): array
    {
        return DemoSteps::pattern('Zander, reed edge', 'zander', 'stained', 'Back first; then bars cut in film, laid flat on the dry side, ending clear of the ridge.', 'linnet110', [
            DemoSteps::prep('Wipe and mask', 'Wipe with alcohol, mask the bill with tape.', 3),
            DemoSteps::white(2, 'heavy', 7),
            DemoSteps::coat(
                'silverpearl',
                'spray',
                DemoSteps::range(0, 1, 60, 180, 0.5),
                ['title' => 'Pearl side and belly', 'aim_deg' => 115, 'coats' => 2, 'psi' => 30, 'strokes' => 5],
            ),
            DemoSteps::coat(
                'gold',
                'spray',
                DemoSteps::range(0, 1, 34, 104, 0.6),
                [
                    'title' => 'Brass flank',
                    'aim_deg' => 66,
                    'width_mm' => 12,
                    'coats' => 1,
                    'psi' => 45,
                    'strokes' => 4,
                ],
            ),
            DemoSteps::coat(
                'sepia',
                'mesh',
                DemoSteps::range(0.2, 0.98, 15, 112, 0.5),
                [
                    'title' => 'Peat through 2.8 mm mesh',
                    'technique' => ['pitch_mm' => 2.8, 'age' => 'new'],
                    'aim_deg' => 60,
                    'coats' => 2,
                    'weight' => 'light',
                    'psi' => 10,
                    'thinning_percent' => 40,
                    'strokes' => 4,
                    'set' => ['by' => 'heat', 'minutes' => 22],
                ],
            ),
            DemoSteps::coat(
                'moss',
                'spray',
                DemoSteps::range(0, 1, 0, 62, 0.6),
                [
                    'title' => 'Moss back',
                    'aim_deg' => 10,
                    'width_mm' => 13,
                    'coats' => 3,
                    'psi' => 10,
                    'thinning_percent' => 40,
                    'strokes' => 4,
                ],
            ),
            DemoSteps::darkRidge(6, ['set' => ['by' => 'heat', 'minutes' => 5]]),
            DemoSteps::coat(
                'smoke',
                'bars',
                'whole',
                [
                    'title' => 'Bars',
                    'technique' => [
                        'count' => 9,
                        'width_mm' => 4.4,
                        'from_u' => 0.25,
                        'to_u' => 0.92,
                        'top_deg' => 20,
                        'bottom_deg' => 108,
                        'waver' => 0.6,
                    ],
                    'aim_deg' => 60,
                    'coats' => 4,
                    'psi' => 5,
                    'thinning_percent' => 50,
                    'strokes' => 2,
                    'seed' => 3,
                    'check' => 'As many on both sides; the film leaves no halo.',
                ],
            ),
            DemoSteps::gillEdge('smoke', 2, 4),
            DemoSteps::eye('flat', 5, '#c8ccd0'),
            DemoSteps::clear('two-part epoxy', 1),
        ]);
    }
}
