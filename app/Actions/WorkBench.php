<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Bait;
use App\Models\BenchEventRow;
use App\Models\Paint;
use App\Models\Photo;
use App\Models\Run;
use Hawkbrush\Core\Drying\Pace;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Step;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\Dried;
use Hawkbrush\Core\Run\Plan;
use Illuminate\Support\Facades\DB;

/** What happens to a run at the bench: it starts, things are recorded, it ends in numbered baits. */
final readonly class WorkBench
{
    private const MOST_EVENTS = 200;

    public function __construct(private FindMask $masks) {}

    /** Starting seals the version, numbers the baits and takes their bodies from the drawer. */
    public function start(Run $run): Run
    {
        return DB::transaction(static function () use ($run): Run {
            if ($run->started_at !== null) {
                return $run;
            }
            $version = $run->version;
            if ($version->painted_at === null) {
                $version->update(['painted_at' => now()]);
            }
            $highest = Bait::query()->max('number');
            for ($position = 1; $position <= $run->bait_count; $position++) {
                Bait::query()->create(['number' => (is_numeric($highest) ? (int) $highest : 0) + $position, 'run_id' => $run->id, 'position' => $position]);
            }
            $body = $version->body;
            $body->update(['stock' => max(0, $body->stock - $run->bait_count)]);
            $run->update(['started_at' => now()]);

            return $run->refresh();
        });
    }

    /**
     * Adds events; one that is there already (sent again after lost Wi-Fi) is passed over.
     *
     * @throws Refused
     */
    public function record(Run $run, Node $form): void
    {
        $read = [];
        foreach ($form->only(['events'])->field('events')->items(1, self::MOST_EVENTS) as $node) {
            $event = BenchEvent::read($node);
            if ($run->core()->number($event->stepId) === 0) {
                throw $node->field('step')->refuse('There is no such step in this run.');
            }
            if ($event->bait !== null && $event->bait > $run->bait_count) {
                throw $node->field('bait')->refuse("This run has {$run->bait_count} baits.");
            }
            if ($event->type === 'photo' && Photo::query()->where('run_id', $run->id)->whereKey($event->data['photo_id'])->doesntExist()) {
                throw $node->field('data')->field('photo_id')->refuse('There is no such photograph in this run.');
            }
            $read[] = [$event, $node->raw()];
        }
        if ($run->started_at === null) {
            throw Refused::because('This run has not been started.');
        }
        if ($run->finished_at !== null) {
            throw Refused::because('This run is finished; its record is closed.');
        }
        DB::transaction(static function () use ($run, $read): void {
            foreach ($read as [$event, $raw]) {
                if (BenchEventRow::query()->where('id', $event->id)->doesntExist()) {
                    BenchEventRow::query()->create(['id' => $event->id, 'run_id' => $run->id, 'event' => $raw]);
                }
            }
        });
    }

    /** Ends the run: its baits go to the log, the paint it took leaves the rack, its masks are worn by as much, and how its paints dried is learnt. */
    public function finish(Run $run): Run
    {
        return DB::transaction(function () use ($run): Run {
            if ($run->started_at === null) {
                throw Refused::because('This run has not been started.');
            }
            if ($run->finished_at !== null) {
                return $run;
            }
            foreach (Plan::of($run->core(), $run->bait_count, $run->room())->takesMl() as $paintId => $ml) {
                $paint = Paint::query()->find($paintId);
                $paint?->update(['left_ml' => max(0.0, $paint->left_ml - $ml)]);
            }
            foreach (Dried::ratios($run->core(), $run->record(), $run->room()) as $paintId => $ratio) {
                $paint = Paint::query()->find($paintId);
                $paint?->update(['drying' => Pace::after($paint->drying, $ratio), 'drying_runs' => $paint->drying_runs + 1]);
            }
            $this->masks->wear($run->core(), $run->bait_count);
            $run->update(['finished_at' => now()]);

            return $run->refresh();
        });
    }

    /**
     * Stamps the version of a finished bait as proven.
     *
     * @throws Refused while a step has no record, saying which
     */
    public function stamp(Bait $bait): Bait
    {
        $run = $bait->run;
        if ($run->finished_at === null) {
            throw Refused::because('This bait is not finished yet.');
        }
        $missing = $run->record()->missing();
        if ($missing !== []) {
            $names = array_map(static fn(Step $s): string => 'step '.$run->core()->number($s->id).($s->title === '' ? '' : " ({$s->title})"), $missing);
            throw Refused::because('Not proven yet: no record of '.implode(', ', $names).'.');
        }
        $run->version->update(['proven_at' => $run->version->proven_at ?? now()]);

        return $bait;
    }
}
