<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Brush;

use Hawkbrush\Core\Body\Smooth;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\ByHand;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Chance;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Setting;

/** Brushed on flat: strokes of one width along the side, a little thinner between them; their ends are never in line. */
final readonly class Brush extends ByHand
{
    public function name(): string
    {
        return 'brush';
    }

    public function label(): string
    {
        return 'Brush';
    }

    public function how(): string
    {
        return 'Long strokes from nose to tail with a soft brush; do not go back into paint that has begun to set.';
    }

    public function settings(): array
    {
        return [
            Setting::lengthMm('wide_mm', 'Brush width', 0.4, 30, 3),
            Setting::number('streaks', 'Streaks', '', 0, 1, 0.35),
        ];
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $chance = new Chance($seed);
        [$length, $top, $reach] = Cells::side($surface);
        $wide = $choices->number('wide_mm');
        $streaks = $choices->number('streaks');
        $soft = max(0.6, $wide * 0.4);
        $half = $soft / 2;
        $strokes = [];
        for ($row = 0; $row <= $reach / $wide + 1; $row++) {
            $strokes[$row] = [$chance->between(0, 0.05 * $length), $length - $chance->between(0, 0.05 * $length), $chance->between(0, 6.28), $chance->between(0.75, 1.0)];
        }

        $columns = $surface->columns;
        $along = array_map(static fn(float $u): float => $u * $length, $surface->u);
        // Strokes bend a little.
        $rows = array_map(static fn(float $x, float $mm): float => 0.06 * sin($x / $wide * 0.5) - ($mm + $top) / $wide, $along, $surface->flankMm);
        $arc = $surface->arcMm;
        $through = [];
        // Written out rather than through Cells::each: a brush covers all it goes over, on each side anew.
        foreach ($open->all() as $cell => $paint) {
            $at = $cell % $columns;
            $x = $along[$at];
            $down = $arc[$cell] / $wide + $rows[$at];
            $row = $down > 0 ? (int) $down : 0;
            [$from, $to, $phase, $load] = $strokes[$row] ?? [0.0, 0.0, 0.0, 1.0];
            // Hairs draw lines along the stroke; between two strokes there is less.
            $across = $down - $row;
            $between = 4 * ($across - 0.5) * ($across - 0.5);
            $hair = 0.5 + 0.5 * sin($phase + $across * 21 + 0.4 * sin($x * 0.35 + $phase));
            $share = $load * (1 - $streaks * (0.4 * $hair + 0.45 * $between * $between));
            if ($x < $from + $half || $x > $to - $half) {
                $share *= Smooth::between($from, $to, $soft, $x);
            }
            if ($share > 0) {
                $through[$cell] = $paint * $share;
            }
        }

        return $through;
    }
}
