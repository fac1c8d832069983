<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\DryBrush;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\ByHand;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Chance;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Streaks;

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
            Parameter::lengthMm('streak_mm', 'Streak length', 2, 60, 14),
            Parameter::lengthMm('hair_mm', 'Hair', 0.1, 2, 0.35),
            Parameter::number('per_cm2', 'Streaks', 'per cm2', 0.5, 30, 6),
        ];
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $chance = new Chance($seed);
        [$across, $top, $tall] = Cells::side($surface);
        $hair = $choices->number('hair_mm') / 2;
        $streak = $choices->number('streak_mm');
        $streaks = (int) ceil($choices->number('per_cm2') * $across * $tall / 100);
        $marks = new Streaks($surface, $open);
        for ($i = 0; $i < $streaks; $i++) {
            $long = $streak * $chance->between(0.4, 1.2);
            $x = $chance->between(-$long / 2, $across);
            $y = $chance->between($top, $top + $tall);
            $lean = $chance->between(-0.04, 0.04);
            // The paint runs out towards the end of the stroke.
            $marks->streak($x, $y, $long, $lean, $hair, 0.4, max(0.08, $hair * 0.6));
        }

        return $marks->through();
    }
}
