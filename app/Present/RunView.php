<?php

declare(strict_types=1);

namespace App\Present;

use App\Models\Bait;
use App\Models\Run;
use Hawkbrush\Core\Run\Plan;
use Hawkbrush\Core\Run\Record;

/** A run: in the list in short, at the bench with all it needs. */
final class RunView
{
    /** @return array<string, mixed> */
    public static function brief(Run $run): array
    {
        return [
            'id' => $run->id,
            'number' => $run->number,
            'state' => $run->finished_at !== null ? 'finished' : ($run->started_at !== null ? 'at the bench' : 'planned'),
            'bait_count' => $run->bait_count,
            'pattern' => ['id' => $run->version->pattern_id, 'name' => $run->version->pattern->name],
            'version' => ['id' => $run->version_id, 'number' => $run->version->number, 'fitted' => $run->version->fitted_from_id !== null],
            'body' => $run->version->body->name,
            'repeat_of' => $run->master === null ? null : ['id' => $run->master->id, 'label' => $run->master->label()],
            'starts_at' => $run->starts_at->toIso8601ZuluString(),
            'started_at' => $run->started_at?->toIso8601ZuluString(),
            'finished_at' => $run->finished_at?->toIso8601ZuluString(),
        ];
    }

    /** @return array<string, mixed> */
    public static function full(Run $run): array
    {
        $recipe = $run->core();
        $record = $run->record();

        return self::brief($run) + [
            'changes' => $run->changes,
            'body_shape' => BodyView::shape($recipe->body),
            'steps' => StepView::all($recipe),
            'plan' => PlanView::of(
                Plan::of($recipe, max(1, \count($record->kept())), $run->climate()),
                $run->started_at ?? $run->starts_at,
            ),
            'baits' => $run->baits()->get()->map(static fn(Bait $bait): array => [
                'id' => $bait->id,
                'label' => $bait->label(),
                'position' => $bait->position,
            ])->values()->all(),
            'record' => self::record($record),
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
            'notes' => $record->notes,
            'timers' => array_values(array_map(get_object_vars(...), $record->timers)),
            'photos' => $record->photos,
            'rejected' => (object) $record->rejected,
        ];
    }
}
