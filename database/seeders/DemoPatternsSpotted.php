<?php

declare(strict_types=1);

namespace Database\Seeders;

/** Fish of the demo with spots: light ones over colour, and a pale mottle over black. */
final class DemoPatternsSpotted
{
    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    public static function char(): array
    {
        $about = 'Transparents over white, pale spots last. For stock.';

        return DemoSteps::pattern('Arctic char, leaf fall', 'Arctic char', 'clear, deep', $about, 'linnet110', [
            DemoSteps::prep('Scuff and wipe', 'Sand the seam flat with 400 grit, wipe with alcohol.', 5),
            DemoSteps::white(2, 'heavy', 7),
            DemoSteps::coat(
                'amber',
                'spray',
                DemoSteps::range(0.16, 1, 96, 146, 0.5),
                [
                    'title' => 'Yellow under the red',
                    'aim_deg' => 118,
                    'width_mm' => 16,
                    'coats' => 2,
                    'psi' => 25,
                    'thinning_percent' => 20,
                    'strokes' => 5,
                ],
            ),
            DemoSteps::coat(
                'red',
                'spray',
                DemoSteps::range(0.12, 1, 96, 162, 0.5),
                [
                    'title' => 'Red belly side',
                    'aim_deg' => 128,
                    'width_mm' => 11,
                    'coats' => 3,
                    'psi' => 22,
                    'thinning_percent' => 30,
                    'strokes' => 5,
                ],
            ),
            DemoSteps::coat(
                'silverpearl',
                'spray',
                'belly',
                [
                    'title' => 'Pearl belly edge',
                    'aim_deg' => 180,
                    'width_mm' => 5,
                    'coats' => 1,
                    'weight' => 'light',
                    'psi' => 7,
                    'strokes' => 3,
                ],
            ),
            DemoSteps::coat(
                'moss',
                'spray',
                DemoSteps::range(0, 1, 0, 104, 0.7),
                [
                    'title' => 'Moss shoulder and flank',
                    'aim_deg' => 38,
                    'width_mm' => 18,
                    'coats' => 3,
                    'psi' => 12,
                    'thinning_percent' => 40,
                    'strokes' => 5,
                ],
            ),
            DemoSteps::coat(
                'sepia',
                'spray',
                'back',
                [
                    'title' => 'Peat back',
                    'aim_deg' => 0,
                    'width_mm' => 14,
                    'coats' => 3,
                    'psi' => 10,
                    'thinning_percent' => 40,
                    'strokes' => 4,
                ],
            ),
            DemoSteps::darkRidge(6, ['set' => ['by' => 'heat', 'minutes' => 5]]),
            DemoSteps::coat(
                'bone',
                'splatter',
                DemoSteps::range(0.2, 0.94, 30, 122, 0.35),
                [
                    'title' => 'Pale spots',
                    'technique' => ['drop_mm' => 1.7, 'per_cm2' => 7],
                    'coats' => 2,
                    'weight' => 'heavy',
                    'psi' => 2,
                    'strokes' => 2,
                    'seed' => 11,
                ],
            ),
            DemoSteps::coat(
                'glow',
                'splatter',
                DemoSteps::range(0.22, 0.9, 76, 118, 0.4),
                [
                    'title' => 'Glowing spots',
                    'technique' => ['drop_mm' => 1.4, 'per_cm2' => 3],
                    'coats' => 3,
                    'weight' => 'heavy',
                    'psi' => 2,
                    'strokes' => 2,
                    'seed' => 4,
                    'set' => ['by' => 'heat', 'minutes' => 22],
                ],
            ),
            DemoSteps::gillEdge('smoke', 2.2, 3),
            DemoSteps::eye('3D', 6, '#d8b83a'),
            DemoSteps::clear('two-part epoxy', 2),
        ]);
    }

    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    public static function burbot(): array
    {
        return DemoSteps::pattern('Burbot, under ice', 'burbot', 'muddy or night', 'Black base school: the dark stays as veins between the patches.', 'heron180', [
            DemoSteps::prep('Seal and sand', 'Two coats of sealer, sand back with 400 grit, take the joint apart.', 12),
            DemoSteps::coat(
                'black',
                'spray',
                'whole',
                [
                    'title' => 'Black base',
                    'coats' => 1,
                    'weight' => 'heavy',
                    'psi' => 35,
                    'strokes' => 8,
                    'set' => ['by' => 'heat', 'minutes' => 22],
                ],
            ),
            DemoSteps::coat(
                'bone',
                'mottle',
                DemoSteps::range(0.02, 1, 0, 140, 0.4),
                [
                    'title' => 'Bone mottle',
                    'technique' => ['size_mm' => 8, 'cover' => 0.58, 'soft' => 0.8],
                    'coats' => 3,
                    'psi' => 12,
                    'thinning_percent' => 15,
                    'strokes' => 4,
                    'seed' => 5,
                    'check' => 'Lift and look: the veins stay black.',
                ],
            ),
            DemoSteps::coat(
                'bone',
                'spray',
                'belly',
                ['title' => 'Pale belly', 'aim_deg' => 180, 'width_mm' => 34, 'coats' => 4, 'psi' => 32, 'strokes' => 6],
            ),
            DemoSteps::coat(
                'amber',
                'spray',
                DemoSteps::range(0, 1, 20, 128, 0.6),
                [
                    'title' => 'Yellow glaze',
                    'aim_deg' => 75,
                    'width_mm' => 34,
                    'coats' => 1,
                    'weight' => 'light',
                    'psi' => 12,
                    'thinning_percent' => 60,
                    'strokes' => 5,
                ],
            ),
            DemoSteps::coat(
                'sepia',
                'spray',
                DemoSteps::range(0, 1, 0, 100, 0.6),
                [
                    'title' => 'Peat over the back',
                    'aim_deg' => 20,
                    'width_mm' => 36,
                    'coats' => 3,
                    'psi' => 10,
                    'thinning_percent' => 40,
                    'strokes' => 5,
                    'set' => ['by' => 'heat', 'minutes' => 22],
                ],
            ),
            DemoSteps::coat(
                'black',
                'mottle',
                DemoSteps::range(0.02, 1, 0, 116, 0.5),
                [
                    'title' => 'Dark mottle',
                    'technique' => ['size_mm' => 6, 'cover' => 0.32, 'soft' => 0.9],
                    'coats' => 3,
                    'weight' => 'medium',
                    'psi' => 8,
                    'thinning_percent' => 40,
                    'strokes' => 4,
                    'seed' => 23,
                ],
            ),
            DemoSteps::coat(
                'black',
                'drawn outline',
                'whole',
                [
                    'title' => 'Pectoral fin, drawn',
                    'technique' => [
                        'outline' => 'M0 4C4 0 14 0 22 5C14 12 5 11 0 6Z',
                        'long_mm' => 24,
                        'u' => 0.27,
                        'deg' => 118,
                        'turn_deg' => 18,
                        'width_mm' => 1.6,
                    ],
                    'aim_deg' => 110,
                    'coats' => 2,
                    'weight' => 'light',
                    'psi' => 8,
                    'thinning_percent' => 40,
                    'strokes' => 2,
                ],
            ),
            DemoSteps::coat(
                'night',
                'soft dots',
                'whole',
                [
                    'title' => 'Night dots',
                    'technique' => [
                        'count' => 9,
                        'diameter_mm' => 4,
                        'from_u' => 0.3,
                        'to_u' => 0.92,
                        'deg' => 118,
                        'smaller' => 0.5,
                    ],
                    'aim_deg' => 120,
                    'coats' => 4,
                    'weight' => 'medium',
                    'psi' => 14,
                    'thinning_percent' => 10,
                    'strokes' => 2,
                ],
            ),
            DemoSteps::eye('glow', 10, '#d8e8b8'),
            DemoSteps::clear('slow casting resin', 1),
        ]);
    }
}
