<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\DryBrush;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\ByHand;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Chance;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Setting;

/** Hardly any paint on a stiff brush, drawn along the side: thin streaks that begin and end anywhere. */
final readonly class DryBrush extends ByHand
{
    public function name(): string
    {
        return 'dry brush';
    }

    public function label(): string
    {
        return 'Dry brush';
    }

    public function how(): string
    {
        return 'Wipe the brush nearly clean, then draw it along the side with the tips only.';
    }

    public function settings(): array
    {
        return [
            Setting::lengthMm('streak_mm', 'Streaks', 2, 60, 14),
            Setting::lengthMm('hair_mm', 'Hair', 0.1, 2, 0.35),
            Setting::number('per_cm2', 'Streaks', 'per cm2', 0.5, 30, 6),
        ];
    }

    public function through(Surface $surface, Choices $choices, int $seed, array $open): array
    {
        $chance = new Chance($seed);
        [$across, $top, $tall] = Cells::side($surface);
        $hair = $choices->number('hair_mm') / 2;
        $streaks = (int) ceil($choices->number('per_cm2') * $across * $tall / 100);
        $marks = [];
        for ($i = 0; $i < $streaks; $i++) {
            $long = $choices->number('streak_mm') * $chance->between(0.4, 1.2);
            $x = $chance->between(-$long / 2, $across);
            $y = $chance->between($top, $top + $tall);
            $lean = $chance->between(-0.04, 0.04);
            for ($along = 0.0; $along < $long; $along += max(0.2, $hair)) {
                // The paint runs out towards the end of the stroke.
                Cells::dab($surface, $marks, $x + $along, $y + $along * $lean, $hair * (1 - 0.6 * $along / $long), max(0.08, $hair * 0.6));
            }
        }

        return Cells::on($open, $marks);
    }
}
