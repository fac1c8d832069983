<?php

declare(strict_types=1);

namespace App\Stores\Habits;

use App\Keeping\Shared;
use App\Models\Preference;
use Hawkbrush\Core\Air\CleanFigures;
use Hawkbrush\Core\Air\Nozzle;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Shop\Habit;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Shop\Shop;
use Hawkbrush\Core\Shop\ShopHabits;

/** Where painters differ, the school of this shop, and what each school changes on an example. */
final class HabitView
{
    /** @return array<string, mixed> */
    public static function of(ShopHabits $ways): array
    {
        return [
            'painter' => $ways->now,
            'painters' => $ways->painters(),
            'habits' => array_map(static fn(Habit $habit): array => [
                'name' => $habit->value,
                'question' => $habit->question(),
                'changes' => $habit->changes(),
                'school' => $ways->habits()->of($habit),
                'schools' => array_map(static fn(string $school, string $label): array => [
                    'name' => $school,
                    'label' => $label,
                    'shown' => self::shown($habit, $school),
                    'followers' => $ways->followers($habit, $school),
                ], array_keys($habit->schools()), $habit->schools()),
            ], Habit::cases()),
            'clean' => $ways->clean->all(),
            'usual_clean' => CleanFigures::USUAL,
        ];
    }

    /**
     * Where another shop differs from this one.
     *
     * @return list<array{question: string, there: string, here: string}>
     */
    public static function differing(?Habits $there): array
    {
        $here = Preference::habits();

        return array_map(static fn(Habit $habit): array => [
            'question' => $habit->question(),
            'there' => $habit->schools()[$there?->of($habit) ?? ''],
            'here' => $habit->schools()[$here->of($habit)],
        ], $there === null ? [] : $here->differing($there));
    }

    /** On the example alone: in an ordinary room, with all other habits as usual. */
    private static function shown(Habit $habit, string $school): string
    {
        $said = (new Shared())->remember("habit:{$habit->value}:{$school}", static function () use ($habit, $school): array {
            $habits = Habits::usual()->with($habit, $school);
            $shop = new Shop(Climate::ordinary(), Nozzle::ordinary(), $habits, CleanFigures::usual());

            return ['shown' => (new HabitExample($shop))->shown($habit)];
        });

        return \is_string($said['shown']) ? $said['shown'] : '';
    }
}
