<?php

declare(strict_types=1);

namespace App\Actions\Runs;

use App\Exceptions\NotNow;
use App\Models\Remedy;
use App\Models\Run;
use App\Models\SprayedCoat;
use App\Stores\Clears\ClearBottle;
use App\Stores\Eyes\EyeCard;
use App\Stores\Masks\FindMask;
use App\Stores\Masks\Mask;
use App\Stores\Rack\Paint;
use Hawkbrush\Core\Drying\DryingFactor;
use Hawkbrush\Core\Run\Dried;
use Hawkbrush\Core\Run\Plan;
use Illuminate\Support\Facades\DB;

/**
 * Ends a run: its baits go to the log, the paint it took leaves the rack, its masks are worn by as much, and how its paints
 * dried and at what air they came is learnt. What follows from the record is worked out before anything is locked.
 */
final readonly class FinishRun
{
    public function __construct(private FindMask $masks) {}

    /** @throws NotNow when it has not been started; finished again, it is as it was */
    public function finish(string $runId): Run
    {
        $run = Run::query()->findOrFail($runId);
        if ($run->started_at === null) {
            throw NotNow::runNotStarted();
        }
        if ($run->finished_at !== null) {
            return $run;
        }
        $events = $run->events()->count();
        $took = $this->workOut($run);

        return DB::transaction(function () use ($run, $events, $took): Run {
            if (Run::query()->whereKey($run->id)->whereNotNull('finished_at')->doesntExist()) {
                // Something was recorded in this very moment: it counts.
                $this->write($run, $run->events()->count() === $events ? $took : $this->workOut($run));
            }

            return $run->refresh();
        });
    }

    private function workOut(Run $run): RunTook
    {
        $record = $run->record();
        $painted = max(1, $record->painted());
        $masks = array_map(static fn(array $pair): ?string => $pair[1]?->id, $this->masks->forRecipe($run->core()));

        return new RunTook(
            $painted,
            Plan::of($run->core(), $painted, $run->shop()),
            Dried::ratios($run->core(), $record, $run->climate()),
            array_values(array_filter($masks, is_string(...))),
            LearnAir::sprayed($run, $record),
            LearnAir::remedies($run, $record),
            $record->rejected,
        );
    }

    private function write(Run $run, RunTook $took): void
    {
        $this->takeFromStores($run, $took->plan);
        foreach ($took->dried as $paintId => $ratio) {
            $paint = Paint::query()->find($paintId);
            $paint?->update([
                'drying' => DryingFactor::after($paint->drying, $ratio),
                'drying_runs' => $paint->drying_runs + 1,
                'revision' => $paint->revision + 1,
            ]);
        }
        SprayedCoat::query()->insert($took->sprayed);
        Remedy::query()->insert($took->remedies);
        foreach ($took->masks as $mask) {
            Mask::query()->whereKey($mask)->increment('uses', $took->painted, ['revision' => DB::raw('revision + 1')]);
        }
        foreach ($took->rejected as $position => $reason) {
            $run->baits()->where('position', $position)->update(['rejected' => $reason]);
        }
        $run->update(['finished_at' => now()]);
        LogWords::keep(Run::query()->whereKey($run->id));
    }

    private function takeFromStores(Run $run, Plan $plan): void
    {
        foreach ($plan->takesMl() as $paintId => $ml) {
            self::take(Paint::query()->find($paintId), $ml);
        }
        foreach ($plan->takesEyes() as [$eye, $count]) {
            $card = EyeCard::for($eye);
            $card?->update(['left' => max(0, $card->left - $count), 'revision' => $card->revision + 1]);
        }
        $clearMl = $plan->takesClearMl();
        foreach (array_intersect_key($run->clears(), $clearMl) as $kind => $clear) {
            self::take(ClearBottle::query()->find($clear->field('id')->text()), $clearMl[$kind]);
        }
    }

    /** Takes so much out of a bottle; none is left less than empty. */
    private static function take(Paint|ClearBottle|null $bottle, float $ml): void
    {
        $bottle?->update(['left_ml' => max(0.0, $bottle->left_ml - $ml), 'revision' => $bottle->revision + 1]);
    }
}
