<?php

declare(strict_types=1);

namespace App\Present;

use App\Stores\Bodies\Body;
use App\Stores\Clears\ClearBottle;
use App\Stores\Clears\ClearView;
use App\Stores\Eyes\EyeCard;
use App\Stores\Rack\Paint;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Run\Change;
use Hawkbrush\Core\Run\Plan;
use Hawkbrush\Core\Run\PlannedStep;
use Hawkbrush\Core\Step\Dip\Melt;
use Illuminate\Support\Carbon;

/** A planned run: mixing sheet, what is short, order of work with clock times, cautions. */
final class PlanView
{
    /** Waits that differ by less are the same to a painter. */
    private const TOLD_MIN = 1.0;

    /** @return array<string, mixed> */
    public static function of(Plan $plan, Carbon $startsAt, ?Body $body = null): array
    {
        $clears = array_intersect_key(ClearBottle::inUse(), $plan->takesClearMl());

        return [
            'baits' => $plan->baits,
            'air_c' => $plan->shop->climate->airC,
            'humidity_percent' => $plan->shop->climate->humidityPercent,
            'dew_point_c' => round($plan->shop->climate->dewPointC(), 1),
            'clear_coat_ok' => $plan->shop->climate->clearCoatMayGoOn(),
            'cold' => self::cold($plan),
            'starts_at' => $startsAt->toIso8601ZuluString(),
            'ends_at' => self::clock($startsAt, $plan->totalMin()),
            'hands_on_min' => round($plan->handsOnMin(), 1),
            'clean_min' => round($plan->cleanMin(), 1),
            'cleaner_ml' => round($plan->cleanerMl()),
            'thinner' => $plan->shop->habits->water() ? 'water' : 'reducer',
            'total_min' => round($plan->totalMin(), 1),
            'steps' => array_map(static fn(PlannedStep $s): array => self::step($s, $startsAt, $plan->shop->climate), $plan->steps),
            'short' => self::short($plan, $clears),
            'stale' => self::stale($startsAt, $clears),
            'short_eyes' => self::shortEyes($plan),
            'cost' => PlanCost::of($plan, $clears, $body),
            'cautions' => $plan->cautions,
        ];
    }

    /**
     * @param list<Change> $changes
     *
     * @return list<array<string, mixed>>
     */
    public static function changes(array $changes): array
    {
        return array_map(
            static fn(Change $d): array => [
                'step' => $d->stepId,
                'number' => $d->number,
                'what' => $d->what,
                'from' => $d->from,
                'to' => $d->to,
            ],
            $changes,
        );
    }

    /** @return array<string, mixed> */
    private static function step(PlannedStep $planned, Carbon $startsAt, Climate $climate): array
    {
        return [
            'step' => $planned->step->id,
            'number' => $planned->number,
            'name' => $planned->step->label(),
            'cup' => $planned->work->cup === null ? null : [
                'paints' => array_map(
                    static fn(array $p): array => [
                        'paint_id' => $p['paintId'],
                        'name' => $p['name'],
                        'drops' => $p['drops'],
                        'ml' => round($p['ml'], 3),
                    ],
                    $planned->work->cup->paints,
                ),
                'reducer_drops' => $planned->work->cup->reducerDrops,
                'needed_ml' => round($planned->work->cup->neededMl, 3),
                'total_ml' => round($planned->work->cup->totalMl, 3),
            ],
            'clean' => $planned->clean === null ? null : AirView::clean($planned->clean),
            'batch' => $planned->work->batch === null ? null : ClearView::batch($planned->work->batch, $climate, $planned->step->overAll()),
            'melt' => $planned->work->melt === null ? null : self::melt($planned->work->melt),
            'stirs' => array_map(static fn(array $s): array => ['name' => $s['name'], 'ml' => round($s['ml'], 2)], $planned->work->stirs),
            'hands_on_min' => round($planned->work->handsOnMin, 1),
            'wait_min' => round($planned->work->waitMin, 1),
            'wait_for' => $planned->work->waitFor,
            'wait_differs' => self::differs($planned, $climate),
            'set_seconds' => $planned->work->setSeconds === null ? null : ceil($planned->work->setSeconds),
            'done_at' => self::clock($startsAt, $planned->doneAtMin),
        ];
    }

    /** @return array<string, mixed> */
    private static function melt(Melt $melt): array
    {
        return [
            'heats' => $melt->heats,
            'again_s' => $melt->againS,
            'from_c' => Melt::FROM_C,
            'to_c' => Melt::TO_C,
            'never_c' => Melt::NEVER_C,
            'holds_min' => round($melt->holdsMin, 1),
            'dips' => $melt->dipsPerHeat,
        ];
    }

    /** @return list<string> steps that want a warmer room, each with how warm */
    private static function cold(Plan $plan): array
    {
        $cold = [];
        foreach ($plan->steps as $planned) {
            $least = $planned->step->coldestC();
            if ($least !== null && $plan->shop->climate->airC < $least) {
                $cold[] = \sprintf('%d %s: from about %.0f °C', $planned->number, $planned->step->label(), $least);
            }
        }

        return $cold;
    }

    /** What the recipe says of a wait, where this room makes it another, and why; empty where they agree. */
    private static function differs(PlannedStep $planned, Climate $climate): string
    {
        $recipe = $planned->step->restMin();
        $why = $climate->besideOrdinary();
        if ($recipe <= 0 || $why === '' || abs($planned->work->waitMin - $recipe) < self::TOLD_MIN) {
            return '';
        }
        $time = $recipe < 90 ? \sprintf('%d min', round($recipe)) : \sprintf('%.1f h', $recipe / 60);

        $other = $planned->work->waitMin > $recipe ? 'longer' : 'shorter';

        return "normally {$time}; {$other} here because the room is {$why}";
    }

    private static function clock(Carbon $startsAt, float $minutes): string
    {
        return $startsAt->copy()->addSeconds((int) round($minutes * 60))->toIso8601ZuluString();
    }

    /**
     * @param array<string, ClearBottle> $inUse those of its clears, by kind
     *
     * @return list<array{paint_id: string, name: string, needs_ml: float, left_ml: float}> paints and clears of which too little is left
     */
    private static function short(Plan $plan, array $inUse): array
    {
        $takes = $plan->takesMl();
        $clears = $plan->takesClearMl();
        $bottles = [];
        foreach (Paint::query()->findMany(array_keys($takes)) as $paint) {
            $bottles[] = [$paint, $takes[$paint->id]];
        }
        foreach ($inUse as $kind => $clear) {
            $bottles[] = [$clear, $clears[$kind]];
        }
        $short = [];
        foreach ($bottles as [$bottle, $needs]) {
            if ($bottle->left_ml < $needs) {
                $short[] = [
                    'paint_id' => $bottle->id,
                    'name' => $bottle->name,
                    'needs_ml' => round($needs, 2),
                    'left_ml' => round($bottle->left_ml, 2),
                ];
            }
        }

        return $short;
    }

    /**
     * @param array<string, ClearBottle> $inUse
     *
     * @return list<array{name: string, good_until: string}> clears that are no longer good when the run begins
     */
    private static function stale(Carbon $startsAt, array $inUse): array
    {
        $stale = [];
        foreach ($inUse as $clear) {
            $until = $clear->goodUntil();
            if ($until !== null && $until->isBefore($startsAt->copy()->startOfDay())) {
                $stale[] = ['name' => $clear->name, 'good_until' => $until->toDateString()];
            }
        }

        return $stale;
    }

    /** @return list<array{name: string, needs: int, left: int}> eyes of which too few are kept; those that are not kept here are not told */
    private static function shortEyes(Plan $plan): array
    {
        $short = [];
        foreach ($plan->takesEyes() as [$eye, $needs]) {
            $card = EyeCard::for($eye);
            if ($card !== null && $card->left < $needs) {
                $short[] = ['name' => $card->name, 'needs' => $needs, 'left' => $card->left];
            }
        }

        return $short;
    }
}
