<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

use Hawkbrush\Core\Body\Surface;

/** Marks set in one row along the side, or in rows below each other: a field. */
final class Rows
{
    /** @return list<Parameter> */
    public static function settings(string $count, int $many): array
    {
        return [
            Parameter::number('count', $count, '', 1, 40, $many),
            Parameter::number('from_u', 'From', 'of length', 0, 1, 0.35)->held(Grip::Front),
            Parameter::number('to_u', 'To', 'of length', 0, 1, 0.85)->held(Grip::Rear),
            Parameter::number('deg', 'Around', 'deg from the back', 0, 180, 80)->held(Grip::Around),
            Parameter::number('rows', 'Rows', '', 1, 12, 1)->held(Grip::Rows),
            Parameter::lengthMm('rows_mm', 'Rows apart', 0.5, 40, 5)->held(Grip::RowsApart),
            Parameter::choice('lie', 'Rows lie', ['shifted by half', 'below each other']),
        ];
    }

    /** @return non-empty-list<Anchor> the first and the last mark of the upper row */
    public static function anchors(Choices $choices, string $mark): array
    {
        $us = self::evenly($choices);
        $first = new Anchor("middle of the first {$mark}", $us[0], $choices->number('deg'));

        return \count($us) === 1 ? [$first] : [
            $first,
            new Anchor("middle of the last {$mark}", $us[\count($us) - 1], $choices->number('deg')),
        ];
    }

    /** @return list<array{float, float}> x and y in mm of each mark's middle, the upper row first */
    public static function middles(Surface $surface, Choices $choices): array
    {
        $middles = [];
        for ($row = 0; $row < max(1, (int) round($choices->number('rows'))); $row++) {
            foreach (self::along($choices, $row) as $u) {
                $y = Cells::yMm($surface, $u, $choices->number('deg')) + $row * $choices->number('rows_mm');
                $middles[] = [$u * $surface->body->lengthMm, $y];
            }
        }

        return $middles;
    }

    /** @return non-empty-list<float> of the length, at which so many marks stand from the first to the last; one stands in the middle */
    public static function evenly(Choices $choices): array
    {
        $count = (int) round($choices->number('count'));
        $from = $choices->number('from_u');
        $long = $choices->number('to_u') - $from;

        return $count < 2
            ? [$from + $long / 2]
            : array_map(static fn(int $i): float => $from + $long * $i / ($count - 1), range(0, $count - 1));
    }

    /** @return list<float> those of a row; a shifted one has one less */
    private static function along(Choices $choices, int $row): array
    {
        $us = self::evenly($choices);
        if (\count($us) < 2 || $row % 2 === 0 || $choices->word('lie') !== 'shifted by half') {
            return $us;
        }
        $half = ($us[1] - $us[0]) / 2;

        return array_map(static fn(float $u): float => $u + $half, \array_slice($us, 0, -1));
    }
}
