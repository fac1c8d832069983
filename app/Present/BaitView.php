<?php

declare(strict_types=1);

namespace App\Present;

use App\Models\Bait;
use App\Models\Stamp;
use App\Stores\Bodies\BodyView;
use Hawkbrush\Core\Run\Change;
use Hawkbrush\Core\Run\Times;
use Hawkbrush\Core\Run\Used;
use Hawkbrush\Core\Step\Step;

/** A finished bait in the log. */
final class BaitView
{
    /**
     * @param list<string> $notes taken of it at the bench
     * @param list<string> $photos ids of its photographs, the latest last
     *
     * @return array<string, mixed>
     */
    public static function brief(Bait $bait, array $notes = [], array $photos = []): array
    {
        $run = $bait->run;

        return [
            'id' => $bait->id,
            'label' => $bait->label(),
            'position' => $bait->position,
            'lesson' => $bait->lesson,
            'notes' => $notes,
            'photo_id' => $photos === [] ? null : $photos[array_key_last($photos)],
            'revision' => $bait->revision,
            'rejected' => $bait->rejected,
            'run' => ['id' => $run->id, 'number' => $run->number, 'baits' => $run->bait_count],
            'pattern' => [
                'id' => $run->version->pattern_id,
                'name' => $run->version->pattern->name,
                'species' => $run->version->pattern->species,
            ],
            'version' => [
                'id' => $run->version_id,
                'number' => $run->version->number,
                'body_id' => $run->version->body_id,
                'body' => $run->version->body->name,
                'fitted' => $run->version->fitted_from_id !== null,
            ],
            'proven' => $run->version->proven_at !== null,
            'finished_at' => $run->finished_at?->toIso8601ZuluString(),
        ];
    }

    /** @return array<string, mixed> */
    public static function full(Bait $bait): array
    {
        $run = $bait->run;
        $record = $run->record();
        $planned = $run->core();
        $times = Times::of($bait->position, $run->happened());

        $notes = array_filter(
            $record->notes,
            static fn(array $note): bool => $note['bait'] === null || $note['bait'] === $bait->position,
        );

        $photos = array_filter(
            $record->photos,
            static fn(array $photo): bool => $photo['bait'] === null || $photo['bait'] === $bait->position,
        );

        return self::brief($bait, array_column($notes, 'text'), array_column($photos, 'photo_id')) + [
            'body_shape' => BodyView::shape($planned->body),
            'steps' => StepView::all($planned),
            'differences' => PlanView::changes(Change::between($planned, Used::recipe($planned, $record))),
            'missing' => array_map(static fn(Step $s): string => $s->id, $record->missing()),
            'record' => RunView::record($record),
            'room' => ['air_c' => $run->air_c, 'humidity_percent' => $run->humidity_percent],
            'started_at' => $run->started_at?->toIso8601ZuluString(),
            'times' => (object) $times->done,
            'cut_short' => array_map(static fn(array $cut): array => [
                'step' => $cut['step'], 'planned_s' => round($cut['planned_s']), 'ran_s' => round($cut['ran_s']),
            ], $times->cutShort),
            'stamps' => $run->version->stamps()->with('bait')->get()->map(static fn(Stamp $stamp): array => [
                'on' => $stamp->on,
                'bait' => $stamp->bait->label(),
                'reason' => $stamp->reason,
                'at' => $stamp->created_at->toIso8601ZuluString(),
            ])->all(),
        ];
    }
}
