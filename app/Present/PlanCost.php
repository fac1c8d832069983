<?php

declare(strict_types=1);

namespace App\Present;

use App\Stores\Bodies\Body;
use App\Stores\Clears\ClearBottle;
use App\Stores\Eyes\EyeCard;
use App\Stores\Rack\Paint;
use Hawkbrush\Core\Run\Plan;
use Hawkbrush\Core\Run\PlannedStep;

/** What the stores of a run cost, by what was paid for them: paint, clear, eyes, bodies. Work and cleaner are not in it. */
final class PlanCost
{
    /**
     * @param array<string, ClearBottle> $inUse those of its clears, by kind
     *
     * @return array<string, mixed>
     */
    public static function of(Plan $plan, array $inUse, ?Body $body): array
    {
        $lines = [
            ...self::paints($plan),
            ...self::clears($plan, $inUse),
            ...self::eyes($plan),
            ...self::melted($plan),
            ...$body === null ? [] : [self::bodies($plan, $body)],
        ];
        $total = array_sum(array_map(static fn(array $line): float => $line['cost'] ?? 0.0, $lines));

        return [
            'total' => round($total, 2),
            'each' => round($total / $plan->baits, 2),
            'by' => array_map(
                static fn(string $what): array => ['what' => $what, 'cost' => round(array_sum(array_map(
                    static fn(array $line): float => $line['what'] === $what ? $line['cost'] ?? 0.0 : 0.0,
                    $lines,
                )), 2)],
                array_values(array_unique(array_column($lines, 'what'))),
            ),
            'not_known' => array_values(array_unique(array_column(
                array_filter($lines, static fn(array $line): bool => $line['cost'] === null),
                'name',
            ))),
        ];
    }

    /** @return array{what: string, name: string, cost: float|null} by what was paid last */
    private static function bodies(Plan $plan, Body $body): array
    {
        $price = $body->lots->whereNotNull('price')->last()?->price;

        return ['what' => 'body', 'name' => $body->name, 'cost' => self::times($price, $plan->baits)];
    }

    /** @return list<array{what: string, name: string, cost: float|null}> */
    private static function paints(Plan $plan): array
    {
        $takes = $plan->takesMl();
        $lines = [];
        foreach (Paint::query()->findMany(array_keys($takes)) as $paint) {
            $cost = self::times($paint->price, $takes[$paint->id] / $paint->bottle_ml);
            $lines[] = ['what' => 'paint', 'name' => $paint->name, 'cost' => $cost];
        }

        return $lines;
    }

    /**
     * @param array<string, ClearBottle> $inUse
     *
     * @return list<array{what: string, name: string, cost: float|null}>
     */
    private static function clears(Plan $plan, array $inUse): array
    {
        $lines = [];
        foreach ($plan->takesClearMl() as $kind => $ml) {
            $bottle = $inUse[$kind] ?? null;
            $lines[] = [
                'what' => 'clear', 'name' => $bottle->name ?? $kind,
                'cost' => $bottle === null ? null : self::times($bottle->price, $ml / $bottle->bottle_ml),
            ];
        }

        return $lines;
    }

    /** @return list<array{what: string, name: string, cost: float|null}> */
    private static function eyes(Plan $plan): array
    {
        return array_map(static function (array $takes): array {
            [$eye, $count] = $takes;
            $card = EyeCard::for($eye);

            return ['what' => 'eyes', 'name' => $card->name ?? "{$eye->kind} eyes", 'cost' => self::times($card?->price, $count)];
        }, $plan->takesEyes());
    }

    /** @return list<array{what: string, name: string, cost: float|null}> vinyl is in no store here */
    private static function melted(Plan $plan): array
    {
        $dips = array_filter($plan->steps, static fn(PlannedStep $planned): bool => $planned->work->melt !== null);

        return $dips === [] ? [] : [['what' => 'clear', 'name' => 'the vinyl', 'cost' => null]];
    }

    private static function times(?float $price, float $share): ?float
    {
        return $price === null ? null : $price * $share;
    }
}
