<?php

declare(strict_types=1);

namespace App\Present;

use Hawkbrush\Core\Pattern\Recipe;

/** Orders of a recipe with what each takes. */
final class OrderView
{
    /**
     * @param array{clean_min: float, wait_min: float} $now
     * @param array{steps: list<string>, clean_min: float, wait_min: float, delta_e: float} $best
     *
     * @return array<string, mixed>
     */
    public static function of(Recipe $recipe, array $now, array $best): array
    {
        $today = array_map(static fn($step): string => $step->id, $recipe->steps);
        $line = static fn(string $id): array => [
            'step' => $id, 'number' => $recipe->number($id), 'name' => $recipe->step($id)?->label() ?? '',
        ];

        return [
            'now' => self::minutes($now) + ['steps' => array_map($line, $today)],
            'best' => self::minutes($best) + ['steps' => array_map($line, $best['steps'])],
            'delta_e' => round($best['delta_e'], 2),
            'better' => self::saves($now, $best),
        ];
    }

    /**
     * @param list<array{to: int, clean_min: float, wait_min: float, delta_e: float}> $places
     *
     * @return list<array{to: int, clean_min: float, wait_min: float, delta_e: float}>
     */
    public static function places(array $places): array
    {
        return array_map(static fn(array $place): array => [
            'to' => $place['to'], ...self::minutes($place), 'delta_e' => round($place['delta_e'], 2),
        ], $places);
    }

    /**
     * Whether it saves as much as a painter would notice.
     *
     * @param array{clean_min: float, wait_min: float} $now
     * @param array{steps: list<string>, clean_min: float, wait_min: float, delta_e: float} $best
     */
    private static function saves(array $now, array $best): bool
    {
        return $now['clean_min'] + $now['wait_min'] - $best['clean_min'] - $best['wait_min'] >= 0.1;
    }

    /**
     * @param array{clean_min: float, wait_min: float, ...} $of
     *
     * @return array{clean_min: float, wait_min: float}
     */
    private static function minutes(array $of): array
    {
        return ['clean_min' => round($of['clean_min'], 1), 'wait_min' => round($of['wait_min'], 1)];
    }
}
