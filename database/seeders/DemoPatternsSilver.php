<?php

declare(strict_types=1);

namespace Database\Seeders;

/** Silver-sided fish of the demo: white, pearl and metal bases. */
final class DemoPatternsSilver
{
    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    public static function roach(): array
    {
        return DemoSteps::pattern('Roach, first frost', 'roach', 'clear to stained', 'For the club outing on Sellemere in October. White base school.', 'plover65', [
            DemoSteps::prep('Wipe and mask', 'Wipe with alcohol, mask the bill with tape and cut around the sockets.', 3),
            DemoSteps::white(2, 'heavy', 6, ['check' => 'No grey of the body left along the belly seam.']),
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
                    'psi' => 8,
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
                    'psi' => 8,
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
                    'psi' => 6,
                    'work' => 'fade',
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
            DemoSteps::gillEdge('smoke', 2.4, 4),
            DemoSteps::eye('domed', 5.5, '#d0842a'),
            DemoSteps::clear('two-part epoxy', 1),
        ]);
    }

    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    public static function bleak(): array
    {
        return DemoSteps::pattern('Bleak, moonlight', 'bleak', 'clear to stained', 'White base, pearl from below, a steel back; loose scales by card.', 'linnet110', [
            DemoSteps::prep('Wipe', 'Wipe with a dry towel; a good factory finish wants no scuffing.', 2),
            DemoSteps::white(2, 'medium', 6),
            DemoSteps::coat(
                'silverpearl',
                'spray',
                DemoSteps::range(0, 1, 30, 180, 0.5),
                ['title' => 'Pearl, belly upwards', 'aim_deg' => 120, 'coats' => 2, 'psi' => 30, 'thinning_percent' => 5, 'strokes' => 6],
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
                    'psi' => 6,
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
            DemoSteps::gillEdge('ink', 1.8, 1),
            DemoSteps::eye('flat', 5, '#c8ccd0'),
            DemoSteps::clear('UV resin', 1),
        ]);
    }

    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    public static function rudd(): array
    {
        return DemoSteps::pattern('Rudd, brass and rowan', 'rudd', 'stained', 'Metal base: brass over white, red fins, dark shoulder spot for the strike.', 'plover65', [
            DemoSteps::prep('Wipe and mask', 'Wipe with alcohol, mask the bill with tape.', 3),
            DemoSteps::white(1, 'heavy', 6),
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
                ['title' => 'Red tail', 'coats' => 3, 'psi' => 24, 'thinning_percent' => 20, 'strokes' => 3],
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
                    'psi' => 14,
                    'thinning_percent' => 30,
                    'strokes' => 5,
                ],
            ),
            DemoSteps::darkRidge(8),
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
            DemoSteps::gillEdge('ink', 2.4, 2),
            DemoSteps::eye('painted', 5.5, '#dd6a1c', ['title' => 'Painted eyes', 'spark' => true, 'rings' => [
                ['paint' => 'white', 'percent' => 100, 'by' => 'punch'],
                ['paint' => 'orange', 'percent' => 82, 'by' => 'punch'],
                ['paint' => 'black', 'percent' => 42, 'by' => 'pen'],
            ]]),
            DemoSteps::clear('two-part epoxy', 1),
        ]);
    }
}
