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
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Sided;

/** Brushed on flat: strokes of one width along the side, a little thinner between them; their ends are never in line. */
final readonly class Brush extends ByHand implements Sided
{
    public function inMarks(): bool
    {
        return false;
    }

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
            Parameter::lengthMm('wide_mm', 'Brush width', 0.4, 30, 3),
            Parameter::number('streaks', 'Streaks', '', 0, 1, 0.35),
        ];
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        return $this->sides($surface, $choices, [$seed], $open)[0];
    }

    public function sides(Surface $surface, Choices $choices, array $seeds, OpenSpray $open): array
    {
        [$length, $top, $reach] = Cells::side($surface);
        $wide = $choices->number('wide_mm');
        $streaks = $choices->number('streaks');
        $soft = max(0.6, $wide * 0.4);
        $last = (int) ($reach / $wide + 1);
        $strokes = array_map(static fn(int $seed): array => self::strokes(new Chance($seed), $last + 1, $length), $seeds);
        // Where all strokes have begun, and none has ended.
        $begun = 0.05 * $length + $soft / 2;
        $ended = 0.95 * $length - $soft / 2;

        $columns = $surface->columns;
        $along = array_map(static fn(float $u): float => $u * $length, $surface->u);
        // Hairs wave along the stroke: sin(0.35 x + phase), as a sum of these.
        $waves = array_map(static fn(float $x): float => 0.4 * sin(0.35 * $x), $along);
        $crests = array_map(static fn(float $x): float => 0.4 * cos(0.35 * $x), $along);
        // Strokes bend a little.
        $rows = array_map(
            static fn(float $x, float $mm): float => 0.06 * sin($x / $wide * 0.5) - ($mm + $top) / $wide,
            $along,
            $surface->flankMm,
        );
        $arc = $surface->arcMm;
        $ofHair = 0.2 * $streaks;
        $full = 1 - $ofHair;
        $ofBetween = 7.2 * $streaks;
        $sides = array_map(static fn(): array => [], $seeds);
        // Written out: a brush covers all it goes over.
        foreach ($open->all() as $cell => $paint) {
            $at = $cell % $columns;
            $down = $arc[$cell] / $wide + $rows[$at];
            $row = $down > 0 ? (int) $down : 0;
            $row = $row < $last ? $row : $last;
            // Hairs draw lines along the stroke; between two strokes there is less.
            $across = $down - $row;
            $aside = ($across - 0.5) * ($across - 0.5);
            $most = $full - $ofBetween * $aside * $aside;
            $turn = $across * 21;
            $wave = $waves[$at];
            $crest = $crests[$at];
            $x = $along[$at];
            foreach ($strokes as $side => $ofSide) {
                $stroke = $ofSide[$row];
                $share = $stroke[0] * ($most - $ofHair * sin($stroke[1] + $turn + $wave * $stroke[2] + $crest * $stroke[3]));
                if ($x < $begun || $x > $ended) {
                    $share *= Smooth::between($stroke[4], $stroke[5], $soft, $x);
                }
                if ($share > 0) {
                    $sides[$side][$cell] = $paint * $share;
                }
            }
        }

        return $sides;
    }

    /** @return non-empty-list<array{float, float, float, float, float, float}> of each how much paint it holds, how its hairs wave with cosine and sine of that, and where it begins and ends in mm */
    private static function strokes(Chance $chance, int $count, float $length): array
    {
        $strokes = [];
        for ($i = 0; $i < max(1, $count); $i++) {
            $from = $chance->between(0, 0.05 * $length);
            $to = $length - $chance->between(0, 0.05 * $length);
            $phase = $chance->between(0, 6.28);
            $strokes[] = [$chance->between(0.75, 1.0), $phase, cos($phase), sin($phase), $from, $to];
        }

        return $strokes;
    }
}
