<?php

declare(strict_types=1);

namespace App\Present;

use App\Models\Bait;
use App\Models\Run;
use App\Stores\Bodies\BodyView;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Run\Plan;
use Hawkbrush\Core\Run\Record;
use Hawkbrush\Core\Run\Used;

/** A run: in the list in short, at the bench with all it needs. */
final class RunView
{
    /** Columns that a run is listed by; the recipe, which is long, only where it is at the bench. */
    public const LISTED = 'id, number, version_id, repeat_of, bait_count, starts_at, started_at, finished_at, air_c, humidity_percent, rig, '
        .'CASE WHEN started_at IS NOT NULL AND finished_at IS NULL THEN recipe END AS recipe';

    /** @return array<string, mixed> */
    public static function brief(Run $run): array
    {
        return self::short($run) + ['stands' => $run->atBench() ? self::stands($run, $run->record()) : null];
    }

    /** @return array<string, mixed> */
    private static function short(Run $run): array
    {
        return [
            'id' => $run->id,
            'number' => $run->number,
            'state' => $run->finished_at !== null ? 'finished' : ($run->atBench() ? 'at the bench' : 'planned'),
            'bait_count' => $run->bait_count,
            'pattern' => ['id' => $run->version->pattern_id, 'name' => $run->version->pattern->name],
            'version' => ['id' => $run->version_id, 'number' => $run->version->number, 'fitted' => $run->version->fitted_from_id !== null],
            'body' => $run->version->body->name,
            'body_id' => $run->version->body_id,
            'repeat_of' => $run->master === null ? null : ['id' => $run->master->id, 'label' => $run->master->label()],
            'starts_at' => $run->starts_at->toIso8601ZuluString(),
            'started_at' => $run->started_at?->toIso8601ZuluString(),
            'finished_at' => $run->finished_at?->toIso8601ZuluString(),
        ];
    }

    /** @return array{steps: int, next: array{number: int, name: string, bait: int}|null} next: null when all is done */
    private static function stands(Run $run, Record $record): array
    {
        $recipe = $run->core();
        $next = $record->position();
        $step = $next === null ? null : $recipe->step($next['step']);

        return [
            'steps' => \count($recipe->steps),
            'next' => $next === null || $step === null ? null : [
                'number' => $recipe->number($step->id), 'name' => $step->label(), 'bait' => $next['bait'],
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function full(Run $run): array
    {
        $recipe = $run->core();
        $record = $run->record();
        // Air and what may go wrong, for the figures that are really used.
        $used = Used::recipe($recipe, $record);

        return self::short($run) + [
            'changes' => $run->changes,
            'body_shape' => BodyView::shape($recipe->body),
            'one_side_of_all' => $run->oneSideOfAll(),
            'rig' => self::rig($run),
            'steps' => StepView::all($recipe, $run->shop()->habits),
            'air' => AirView::of($used, $run->shop(), $run->airbrushId()),
            'faults' => (object) FaultView::ofRun($used, $run->shop(), $run->airbrushId()),
            'plan' => PlanView::of(
                Plan::of($recipe, max(1, \count($record->kept())), $run->shop()),
                $run->started_at ?? $run->starts_at,
                $run->version->body,
            ),
            'baits' => $run->baits()->get()->map(static fn(Bait $bait): array => [
                'id' => $bait->id,
                'label' => $bait->label(),
                'position' => $bait->position,
            ])->values()->all(),
            'record' => self::record($record),
        ];
    }

    /** @return array{airbrush: string|null, dryer: string|null} names of what it is sprayed and dried with */
    private static function rig(Run $run): array
    {
        $rig = Node::kept($run->rig ?? []);

        return [
            'airbrush' => $rig->optional('airbrush')?->optional('name')?->text(),
            'dryer' => $rig->optional('dryer')?->optional('name')?->text(),
        ];
    }

    /** @return array<string, mixed> */
    public static function record(Record $record): array
    {
        return [
            'position' => $record->position(),
            'done' => (object) array_map(array_keys(...), $record->done),
            'sides' => (object) array_map(
                static fn(array $baits): object => (object) array_map(
                    static fn(array $sides): array => array_keys(array_filter($sides)),
                    $baits,
                ),
                $record->sides,
            ),
            'figures' => (object) $record->figures,
            'paced' => (object) $record->paced,
            'notes' => $record->notes,
            'timers' => array_values(array_map(get_object_vars(...), $record->timers)),
            'photos' => $record->photos,
            'rejected' => (object) $record->rejected,
            'faults' => $record->faults,
        ];
    }
}
