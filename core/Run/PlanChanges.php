<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Body\Measure;

/** What differs between two plans beside their figures: area of a bait, drops of each mix, waits for the room. */
final class PlanChanges
{
    /**
     * @param Plan $master as it was planned then
     * @param Plan $now for the number of baits planned today
     *
     * @return list<Change>
     */
    public static function between(Plan $master, Plan $now): array
    {
        $then = Plan::of($master->recipe, $now->baits, $master->shop);
        $differences = [];
        $was = Measure::areaMm2($then->recipe->body) / 100;
        $is = Measure::areaMm2($now->recipe->body) / 100;
        if (abs($was - $is) > 0.05) {
            $differences[] = new Change('', 0, 'area of a bait, cm2', \sprintf('%.1f', $was), \sprintf('%.1f', $is));
        }
        $before = [];
        foreach ($then->steps as $step) {
            $before[$step->step->id] = $step;
        }
        foreach ($now->steps as $step) {
            $old = $before[$step->step->id] ?? null;
            if ($old === null) {
                continue;
            }
            $facts = [
                'drops for all' => [$old->work->cup?->drops() ?? 0, $step->work->cup?->drops() ?? 0],
                'wait, min' => [(int) round($old->work->waitMin), (int) round($step->work->waitMin)],
            ];
            foreach ($facts as $what => [$from, $to]) {
                if ($from !== $to) {
                    $differences[] = new Change($step->step->id, $step->number, $what, (string) $from, (string) $to);
                }
            }
        }

        return $differences;
    }
}
