<?php

declare(strict_types=1);

namespace Database\Seeders;

/** The invented pattern on a soft body: dipped, painted, sealed under a clear skin. */
final class DemoPatternsSoft
{
    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    public static function sandEel(): array
    {
        $about = 'Soft body: a pearl skin of vinyl, a painted back, sealed under a clear skin; the tail in dip colour.';

        return DemoSteps::pattern('Sand eel, tide race', 'sand eel', 'clear, salt', $about, 'curlew120', [
            DemoSteps::prep('Wash', 'Wash the oil off with dish soap and warm water, rinse, dry with a towel that leaves no lint.', 3),
            DemoSteps::dip('Pearl skin', [['paint' => 'silverpearl', 'drops' => 1]], 'Even all round; the base of the tail is bare.'),
            DemoSteps::coat(
                'moss',
                'spray',
                'back',
                [
                    'title' => 'Moss back',
                    'aim_deg' => 20,
                    'width_mm' => 9,
                    'coats' => 3,
                    'weight' => 'light',
                    'psi' => 12,
                    'thinning_percent' => 40,
                    'strokes' => 5,
                ],
            ),
            DemoSteps::coat(
                'bluepearl',
                'spray',
                'lateral line',
                [
                    'title' => 'Blue pearl line',
                    'aim_deg' => 90,
                    'width_mm' => 6,
                    'coats' => 2,
                    'weight' => 'light',
                    'psi' => 7,
                    'strokes' => 4,
                    'set' => ['by' => 'heat', 'minutes' => 20],
                ],
            ),
            DemoSteps::eye('3D', 4, '#d8b83a'),
            DemoSteps::dip('Clear skin', [], 'No bubble over the eye; the drop trimmed off when it is cold.'),
            DemoSteps::coat(
                'glow',
                'dip',
                DemoSteps::range(0.9, 1, 0, 180, 0),
                [
                    'title' => 'Tail in dip colour',
                    'coats' => 1,
                    'weight' => 'light',
                    'strokes' => 1,
                    'set' => ['by' => 'air', 'minutes' => 30],
                ],
            ),
        ]);
    }
}
