<?php

declare(strict_types=1);

namespace Database\Seeders;

/** The invented patterns of the demo: four schools (white, pearl, black and metal base). */
final class DemoPatterns
{
    /** @return list<array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>}> */
    public static function all(): array
    {
        return [
            self::roach(),
            self::char(),
            self::bleak(),
            self::burbot(),
            self::zander(),
            self::rudd(),
            self::gudgeon(),
            ...DemoPatternsByHand::all(),
        ];
    }

    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    private static function roach(): array
    {
        return DemoSteps::pattern('Roach, first frost', 'roach', 'clear to stained', 'For the club outing on Sellemere in October. White base school.', 'plover65', [
            DemoSteps::prep('Wipe and mask', 'Wipe with alcohol, mask the bill with tape and cut around the sockets.', 3),
            DemoSteps::coat(
                'white',
                'spray',
                'whole',
                [
                    'title' => 'White, opaque',
                    'coats' => 2,
                    'weight' => 'heavy',
                    'psi' => 38,
                    'strokes' => 6,
                    'check' => 'No grey of the body left along the belly seam.',
                ],
            ),
            DemoSteps::coat(
                'silverpearl',
                'spray',
                'flank',
                ['title' => 'Pearl flank', 'aim_deg' => 90, 'coats' => 2, 'psi' => 30, 'thinning_percent' => 10, 'strokes' => 5],
            ),
            DemoSteps::coat(
                'orange+red',
                'spot',
                'whole',
                [
                    'title' => 'Blush, pelvic fins',
                    'technique' => ['u' => 0.33, 'deg' => 152, 'diameter_mm' => 6.5, 'soft' => 1],
                    'coats' => 2,
                    'weight' => 'light',
                    'psi' => 12,
                    'thinning_percent' => 50,
                    'strokes' => 2,
                ],
            ),
            DemoSteps::coat(
                'orange+red',
                'spot',
                'whole',
                [
                    'title' => 'Blush, anal fin',
                    'technique' => ['u' => 0.71, 'deg' => 160, 'diameter_mm' => 4.5, 'soft' => 1],
                    'coats' => 2,
                    'weight' => 'light',
                    'psi' => 12,
                    'thinning_percent' => 50,
                    'strokes' => 2,
                ],
            ),
            DemoSteps::coat(
                'bluepearl',
                'spray',
                'shoulder',
                [
                    'title' => 'Blue pearl, soft fade down',
                    'aim_deg' => 42,
                    'width_mm' => 17,
                    'coats' => 2,
                    'psi' => 7,
                    'thinning_percent' => 20,
                    'strokes' => 4,
                    'check' => 'Seen from below, the fade ends at the same height on both sides.',
                    'set' => ['by' => 'heat', 'minutes' => 25],
                ],
            ),
            DemoSteps::coat(
                'grey',
                'mesh',
                DemoSteps::range(0.235, 0.985, 12, 142, 0.5),
                [
                    'title' => 'Grey through 3.6 mm mesh',
                    'technique' => ['pitch_mm' => 3.6, 'age' => 'stiff'],
                    'aim_deg' => 62,
                    'coats' => 1,
                    'weight' => 'light',
                    'psi' => 10,
                    'thinning_percent' => 40,
                    'strokes' => 4,
                    'check' => 'Mesh tight, no crease behind the gill.',
                ],
            ),
            DemoSteps::coat(
                'moss',
                'spray',
                'back',
                [
                    'title' => 'Moss ink, dusted',
                    'aim_deg' => 0,
                    'width_mm' => 17,
                    'coats' => 3,
                    'psi' => 10,
                    'thinning_percent' => 50,
                    'strokes' => 5,
                ],
            ),
            DemoSteps::coat(
                'smoke',
                'spray',
                'back',
                [
                    'title' => 'Dark back',
                    'aim_deg' => 0,
                    'width_mm' => 9,
                    'coats' => 4,
                    'psi' => 10,
                    'thinning_percent' => 50,
                    'strokes' => 4,
                ],
            ),
            DemoSteps::coat(
                'smoke',
                'spray',
                'muzzle',
                [
                    'title' => 'Nose',
                    'aim_deg' => 0,
                    'width_mm' => 9,
                    'coats' => 3,
                    'weight' => 'light',
                    'psi' => 10,
                    'thinning_percent' => 50,
                    'strokes' => 2,
                    'set' => ['by' => 'heat', 'minutes' => 22],
                ],
            ),
            DemoSteps::coat(
                'smoke',
                'card',
                'whole',
                [
                    'title' => 'Gill edge',
                    'technique' => ['width_mm' => 2.4],
                    'coats' => 4,
                    'psi' => 5,
                    'thinning_percent' => 40,
                    'weight' => 'light',
                    'strokes' => 2,
                ],
            ),
            DemoSteps::eye(5.5, '#d8842c'),
            DemoSteps::clear('two-part epoxy', 1),
        ]);
    }

    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    private static function gudgeon(): array
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
                    'psi' => 25,
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
                'spray',
                'back',
                [
                    'title' => 'Green-brown back',
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
                    'psi' => 6,
                    'thinning_percent' => 60,
                    'strokes' => 2,
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
            DemoSteps::eye(5.5, '#c9a24a'),
            DemoSteps::clear('two-part epoxy', 1),
        ]);
    }

    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    private static function char(): array
    {
        $about = 'Transparents over white, pale spots last. For stock.';

        return DemoSteps::pattern('Arctic char, leaf fall', 'Arctic char', 'clear, deep', $about, 'linnet110', [
            DemoSteps::prep('Scuff and wipe', 'Sand the seam flat with 400 grit, wipe with alcohol.', 5),
            DemoSteps::coat(
                'white',
                'spray',
                'whole',
                ['title' => 'White, opaque', 'coats' => 2, 'weight' => 'heavy', 'psi' => 38, 'strokes' => 7],
            ),
            DemoSteps::coat(
                'amber',
                'spray',
                DemoSteps::range(0.16, 1, 96, 146, 0.5),
                [
                    'title' => 'Yellow under the red',
                    'aim_deg' => 118,
                    'width_mm' => 16,
                    'coats' => 2,
                    'psi' => 20,
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
                    'psi' => 14,
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
            DemoSteps::coat(
                'smoke',
                'spray',
                'back',
                [
                    'title' => 'Dark ridge',
                    'aim_deg' => 0,
                    'width_mm' => 6,
                    'coats' => 4,
                    'psi' => 10,
                    'thinning_percent' => 50,
                    'strokes' => 4,
                    'set' => ['by' => 'heat', 'minutes' => 5],
                ],
            ),
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
            DemoSteps::coat(
                'smoke',
                'card',
                'whole',
                [
                    'title' => 'Gill edge',
                    'technique' => ['width_mm' => 2.2],
                    'coats' => 3,
                    'weight' => 'light',
                    'psi' => 5,
                    'thinning_percent' => 40,
                    'strokes' => 2,
                ],
            ),
            DemoSteps::eye(5, '#e2c46a'),
            DemoSteps::clear('two-part epoxy', 2),
        ]);
    }

    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    private static function bleak(): array
    {
        return DemoSteps::pattern('Bleak, moonlight', 'bleak', 'clear to stained', 'White base, pearl from below, a steel back; loose scales by card.', 'linnet110', [
            DemoSteps::prep('Wipe', 'Wipe with a dry towel; a good factory finish wants no scuffing.', 2),
            DemoSteps::coat(
                'white',
                'spray',
                'whole',
                ['title' => 'White, opaque', 'coats' => 2, 'weight' => 'medium', 'psi' => 38, 'strokes' => 6],
            ),
            DemoSteps::coat(
                'silverpearl',
                'spray',
                DemoSteps::range(0, 1, 30, 180, 0.5),
                ['title' => 'Pearl, belly upwards', 'aim_deg' => 120, 'coats' => 2, 'psi' => 25, 'thinning_percent' => 5, 'strokes' => 6],
            ),
            DemoSteps::coat(
                'smoke',
                'scallops',
                DemoSteps::range(0.22, 0.95, 58, 112, 0.5),
                [
                    'title' => 'Loose scales',
                    'technique' => ['scale_mm' => 4, 'rim_mm' => 0.9],
                    'aim_deg' => 80,
                    'coats' => 1,
                    'weight' => 'mist',
                    'psi' => 8,
                    'thinning_percent' => 50,
                    'strokes' => 3,
                ],
            ),
            DemoSteps::coat(
                'smoke+blue',
                'spray',
                DemoSteps::range(0, 1, 0, 62, 0.55),
                [
                    'title' => 'Steel back',
                    'aim_deg' => 20,
                    'width_mm' => 13,
                    'coats' => 2,
                    'psi' => 10,
                    'thinning_percent' => 40,
                    'strokes' => 4,
                ],
            ),
            DemoSteps::coat(
                'smoke',
                'dry brush',
                'back',
                [
                    'title' => 'Ridge, brushed lengthwise',
                    'technique' => ['streak_mm' => 16],
                    'coats' => 1,
                    'weight' => 'light',
                    'strokes' => 6,
                    'seed' => 8,
                ],
            ),
            DemoSteps::coat(
                'grey',
                'line',
                'whole',
                [
                    'title' => 'Lateral line',
                    'technique' => ['width_mm' => 0.7, 'deg' => 84, 'from_u' => 0.22, 'to_u' => 0.95, 'dash_mm' => 0],
                    'coats' => 1,
                    'weight' => 'light',
                    'thinning_percent' => 30,
                    'strokes' => 1,
                    'set' => ['by' => 'heat', 'minutes' => 22],
                ],
            ),
            DemoSteps::coat(
                'ink',
                'card',
                'whole',
                [
                    'title' => 'Gill edge',
                    'technique' => ['width_mm' => 1.8],
                    'coats' => 1,
                    'weight' => 'light',
                    'psi' => 5,
                    'thinning_percent' => 40,
                    'strokes' => 2,
                ],
            ),
            DemoSteps::eye(5, '#dfe3e0'),
            DemoSteps::clear('UV resin', 1),
        ]);
    }

    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    private static function burbot(): array
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
                ['title' => 'Pale belly', 'aim_deg' => 180, 'width_mm' => 34, 'coats' => 4, 'psi' => 25, 'strokes' => 6],
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
                    'psi' => 15,
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
            DemoSteps::eye(10, '#b9a45a'),
            DemoSteps::clear('slow casting resin', 1),
        ]);
    }

    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    private static function zander(): array
    {
        return DemoSteps::pattern('Zander, reed edge', 'zander', 'stained', 'Back first; then bars cut in film, laid flat on the dry side, ending clear of the ridge.', 'linnet110', [
            DemoSteps::prep('Wipe and mask', 'Wipe with alcohol, mask the bill with tape.', 3),
            DemoSteps::coat(
                'white',
                'spray',
                'whole',
                ['title' => 'White, opaque', 'coats' => 2, 'weight' => 'heavy', 'psi' => 38, 'strokes' => 7],
            ),
            DemoSteps::coat(
                'silverpearl',
                'spray',
                DemoSteps::range(0, 1, 60, 180, 0.5),
                ['title' => 'Pearl side and belly', 'aim_deg' => 115, 'coats' => 2, 'psi' => 25, 'strokes' => 5],
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
                    'psi' => 30,
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
            DemoSteps::coat(
                'smoke',
                'spray',
                'back',
                [
                    'title' => 'Dark ridge',
                    'aim_deg' => 0,
                    'width_mm' => 6,
                    'coats' => 4,
                    'psi' => 10,
                    'thinning_percent' => 50,
                    'strokes' => 4,
                    'set' => ['by' => 'heat', 'minutes' => 5],
                ],
            ),
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
            DemoSteps::coat(
                'smoke',
                'card',
                'whole',
                [
                    'title' => 'Gill edge',
                    'technique' => ['width_mm' => 2],
                    'coats' => 4,
                    'weight' => 'light',
                    'psi' => 5,
                    'thinning_percent' => 40,
                    'strokes' => 2,
                ],
            ),
            DemoSteps::eye(5, '#cfd6cf'),
            DemoSteps::clear('two-part epoxy', 1),
        ]);
    }

    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    private static function rudd(): array
    {
        return DemoSteps::pattern('Rudd, brass and rowan', 'rudd', 'stained', 'Metal base: brass over white, red fins, dark shoulder spot for the strike.', 'plover65', [
            DemoSteps::prep('Wipe and mask', 'Wipe with alcohol, mask the bill with tape.', 3),
            DemoSteps::coat(
                'white',
                'spray',
                'whole',
                ['title' => 'White, opaque', 'coats' => 1, 'weight' => 'heavy', 'psi' => 38, 'strokes' => 6],
            ),
            DemoSteps::coat(
                'gold',
                'spray',
                DemoSteps::range(0, 1, 0, 158, 0.5),
                ['title' => 'Brass all over', 'coats' => 2, 'psi' => 45, 'strokes' => 6, 'set' => ['by' => 'heat', 'minutes' => 22]],
            ),
            DemoSteps::tryOut('glove', 'an even tone that still lets the brass through; no spits'),
            DemoSteps::coat(
                'sepia',
                'mesh',
                DemoSteps::range(0.23, 0.98, 10, 146, 0.5),
                [
                    'title' => 'Peat through 4.2 mm mesh',
                    'technique' => ['pitch_mm' => 4.2, 'age' => 'new'],
                    'aim_deg' => 65,
                    'coats' => 2,
                    'weight' => 'medium',
                    'psi' => 10,
                    'thinning_percent' => 30,
                    'strokes' => 4,
                ],
            ),
            DemoSteps::coat(
                'red',
                'spot',
                'whole',
                [
                    'title' => 'Red pelvic fins',
                    'technique' => ['u' => 0.34, 'deg' => 150, 'diameter_mm' => 8, 'soft' => 1],
                    'coats' => 3,
                    'psi' => 10,
                    'thinning_percent' => 20,
                    'strokes' => 3,
                ],
            ),
            DemoSteps::coat(
                'red',
                'spot',
                'whole',
                [
                    'title' => 'Red anal fin',
                    'technique' => ['u' => 0.7, 'deg' => 155, 'diameter_mm' => 6, 'soft' => 1],
                    'coats' => 3,
                    'psi' => 10,
                    'thinning_percent' => 20,
                    'strokes' => 3,
                ],
            ),
            DemoSteps::coat(
                'red',
                'spray',
                'tail',
                ['title' => 'Red tail', 'coats' => 3, 'psi' => 10, 'thinning_percent' => 20, 'strokes' => 3],
            ),
            DemoSteps::coat(
                'moss',
                'spray',
                DemoSteps::range(0, 1, 0, 66, 0.6),
                [
                    'title' => 'Olive back',
                    'aim_deg' => 8,
                    'width_mm' => 17,
                    'coats' => 3,
                    'psi' => 10,
                    'thinning_percent' => 30,
                    'strokes' => 5,
                ],
            ),
            DemoSteps::coat(
                'smoke',
                'spray',
                'back',
                [
                    'title' => 'Dark ridge',
                    'aim_deg' => 0,
                    'width_mm' => 8,
                    'coats' => 4,
                    'psi' => 10,
                    'thinning_percent' => 50,
                    'strokes' => 4,
                ],
            ),
            DemoSteps::coat(
                'smoke',
                'spot',
                'whole',
                [
                    'title' => 'Shoulder spot',
                    'technique' => ['u' => 0.32, 'deg' => 68, 'diameter_mm' => 4.5, 'soft' => 0.9],
                    'coats' => 5,
                    'weight' => 'light',
                    'psi' => 10,
                    'thinning_percent' => 30,
                    'strokes' => 2,
                    'set' => ['by' => 'heat', 'minutes' => 22],
                ],
            ),
            DemoSteps::coat(
                'ink',
                'card',
                'whole',
                [
                    'title' => 'Gill edge',
                    'technique' => ['width_mm' => 2.4],
                    'coats' => 2,
                    'weight' => 'light',
                    'psi' => 5,
                    'thinning_percent' => 40,
                    'strokes' => 2,
                ],
            ),
            DemoSteps::eye(5.5, '#c8502a'),
            DemoSteps::clear('two-part epoxy', 1),
        ]);
    }
}
