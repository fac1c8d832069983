<?php

declare(strict_types=1);

namespace App\Actions\Runs;

use App\Exceptions\NotNow;
use App\Models\Bait;
use App\Models\BenchEventRow;
use App\Models\BenchPhoto;
use App\Models\Run;
use App\Models\Stamp;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Run\BenchEvents;
use Hawkbrush\Core\Run\Event\Noted;
use Hawkbrush\Core\Run\Event\Photographed;
use Hawkbrush\Core\Step\Step;
use Illuminate\Support\Facades\DB;

/** What happens to a run at the bench: it starts, things are recorded, and what came of it is stamped. {@see FinishRun} ends it. */
final readonly class WorkBench
{
    private const MOST_EVENTS = 200;

    /** Starting seals the version, numbers the baits and takes their bodies from the drawer. Started again, it is as it was. */
    public function start(string $runId): Run
    {
        return DB::transaction(static function () use ($runId): Run {
            $run = Run::query()->with('version.body')->findOrFail($runId);
            if ($run->started_at !== null) {
                return $run;
            }
            $version = $run->version;
            if ($version->painted_at === null) {
                $version->seal();
            }
            $highest = Bait::query()->max('number');
            $last = is_numeric($highest) ? (int) $highest : 0;
            Bait::query()->insert(array_map(static fn(int $position): array => [
                'id' => (new Bait())->newUniqueId(),
                'number' => $last + $position,
                'run_id' => $run->id,
                'position' => $position,
                'created_at' => now(),
                'updated_at' => now(),
            ], range(1, $run->bait_count)));
            $body = $version->body;
            $body->update(['stock' => max(0, $body->stock - $run->bait_count), 'revision' => $body->revision + 1]);
            $run->update(['started_at' => now()]);

            return $run->refresh();
        });
    }

    /**
     * Adds events; one that is there already (sent again after lost Wi-Fi) is passed over.
     *
     * @throws Refused at the event that is invalid
     * @throws NotNow when the run is not at the bench: a finished one takes notes and photographs only
     */
    public function record(Run $run, Node $form): void
    {
        $read = [];
        foreach ($form->only(['events'])->field('events')->items(1, self::MOST_EVENTS) as $node) {
            $event = BenchEvents::read($node);
            if ($run->core()->number($event->stepId) === 0) {
                throw $node->field('step')->refuse('There is no such step in this run.');
            }
            if ($event->bait !== null && $event->bait > $run->bait_count) {
                throw $node->field('bait')->refuse("This run has {$run->bait_count} baits.");
            }
            if (
                $event instanceof Photographed
                && BenchPhoto::query()->where('run_id', $run->id)->whereKey($event->photoId())->doesntExist()
            ) {
                throw $node->field('data')->field('photo_id')->refuse('There is no such photograph in this run.');
            }
            // Of one that stands twice, the first counts.
            $read[$event->id] ??= ['id' => $event->id, 'type' => $event::type(), 'event' => json_encode($node->raw(), JSON_THROW_ON_ERROR)];
        }
        DB::transaction(static function () use ($run, $read): void {
            $now = Run::query()->findOrFail($run->id, ['id', 'started_at', 'finished_at']);
            if ($now->started_at === null) {
                throw NotNow::runNotStarted();
            }
            $there = BenchEventRow::query()->whereIn('id', array_keys($read))->pluck('id')->all();
            $new = array_diff_key($read, array_flip(array_filter($there, is_string(...))));
            if ($now->finished_at !== null && array_diff(array_column($new, 'type'), BenchEvents::afterwards()) !== []) {
                throw NotNow::runFinished();
            }
            BenchEventRow::query()->insert(array_values(array_map(static fn(array $one): array => [
                'id' => $one['id'], 'run_id' => $run->id, 'event' => $one['event'], 'created_at' => now(),
            ], $new)));
            if ($now->finished_at !== null && \in_array(Noted::type(), array_column($new, 'type'), true)) {
                LogWords::keep(Run::query()->whereKey($run->id));
            }
        });
    }

    /**
     * Stamps as proven what a finished bait was painted to: a version, or the copy of it fitted for the run, on its body.
     *
     * @throws Refused while a step has no record, saying which
     * @throws NotNow when the bait is not finished
     */
    public function stamp(string $baitId): void
    {
        DB::transaction(function () use ($baitId): void {
            $run = $this->recorded($baitId);
            if ($run->version->proven_at === null) {
                $run->version->update(['proven_at' => now()]);
                Stamp::query()->create(['version_id' => $run->version_id, 'bait_id' => $baitId, 'on' => true]);
            }
        });
    }

    /**
     * Takes the stamp off again; who looks later sees that it was there, and why it no longer is.
     *
     * @throws NotNow when there is none
     */
    public function takeStampOff(string $baitId, string $reason): void
    {
        DB::transaction(static function () use ($baitId, $reason): void {
            $version = Bait::query()->with('run.version')->findOrFail($baitId)->run->version;
            if ($version->proven_at === null) {
                throw NotNow::notProven();
            }
            $version->update(['proven_at' => null]);
            Stamp::query()->create(['version_id' => $version->id, 'bait_id' => $baitId, 'on' => false, 'reason' => $reason]);
        });
    }

    /** The run of a finished bait, with a record of every step. */
    private function recorded(string $baitId): Run
    {
        $bait = Bait::query()->with('run.version')->findOrFail($baitId);
        $run = $bait->run;
        if ($run->finished_at === null) {
            throw NotNow::baitNotFinished();
        }
        if ($bait->rejected !== null) {
            throw Refused::because("{$bait->label()} was rejected: {$bait->rejected}. A pattern is proven on a bait that was finished.");
        }
        $missing = $run->record()->missing();
        if ($missing !== []) {
            $names = array_map(
                static fn(Step $s): string => 'step '.$run->core()->number($s->id).($s->title === '' ? '' : " ({$s->title})"),
                $missing,
            );
            throw Refused::because('Not proven yet: no record of '.implode(', ', $names).'.');
        }

        return $run;
    }
}
