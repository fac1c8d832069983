<?php

declare(strict_types=1);

namespace App\Actions\Runs;

use App\Actions\Named;
use App\Actions\Patterns\CopyVersion;
use App\Actions\Patterns\ReadRecipe;
use App\Actions\Shop\ThisShop;
use App\Exceptions\NotNow;
use App\Models\Bait;
use App\Models\Run;
use App\Models\Version;
use App\Present\PlanView;
use App\Stores\Rack\Paint;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeWriter;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Scaling;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Run\Change;
use Hawkbrush\Core\Run\Plan;
use Hawkbrush\Core\Run\PlanChanges;
use Hawkbrush\Core\Run\Used;
use Hawkbrush\Core\Step\Steps;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Plans a run of a version, or one that repeats a proven bait with the figures really used. */
final readonly class PlanRun
{
    public function __construct(private ReadRecipe $read, private CopyVersion $copy, private ThisShop $shop) {}

    /**
     * {version_id or repeat_of (bait id), body_id, baits, air_c, humidity_percent, starts_at}
     *
     * @throws Refused
     */
    public function plan(Node $form): PlannedRun
    {
        $form->only(['version_id', 'repeat_of', 'body_id', 'baits', 'air_c', 'humidity_percent', 'starts_at']);
        $bait = null;
        if ($form->has('repeat_of')) {
            $bait = Named::bait($form->field('repeat_of'));
            if ($bait->run->finished_at === null) {
                throw NotNow::baitNotFinished();
            }
            $version = $bait->run->version;
            $master = $bait->run->core();
            // Painted as then; what was learnt of drying since holds today.
            $recipe = Used::recipe($master, $bait->run->record())->dryingAs($this->drying($version));
        } else {
            $version = Named::version($form->field('version_id'));
            $master = $recipe = $this->read->fromVersion($version);
        }
        $body = $version->body()->firstOrFail();
        if ($form->has('body_id')) {
            $body = Named::body($form->field('body_id'));
        }
        if ($body->id !== $version->body_id) {
            $recipe = Scaling::fit($recipe, $body->core());
        }
        $starts = $form->has('starts_at') ? Named::time($form->field('starts_at')) : Carbon::now();
        $climate = Climate::read($form);

        $shop = $this->shop->now($climate);
        $plan = Plan::of($recipe, $form->field('baits')->integer(1, Plan::MOST_BAITS), $shop);
        $changes = Change::between($master, $recipe);
        $against = $bait !== null || $body->id !== $version->body_id
            ? PlanChanges::between(Plan::of($master, $plan->baits, $bait?->run->shop() ?? $shop), $plan) : [];

        return new PlannedRun($version, $body, $bait, $plan, $changes, $against, $starts);
    }

    /** Keeps the plan as a run; what differs from the version goes into a copy that belongs to the run. */
    public function keep(PlannedRun $planned): Run
    {
        return DB::transaction(function () use ($planned): Run {
            $version = $planned->version;
            $recipe = $planned->plan->recipe;
            if ($planned->figures !== [] || $planned->body->id !== $version->body_id) {
                $version = $this->copy->fitted(
                    $version,
                    array_map(Steps::write(...), $recipe->steps),
                    $planned->body,
                    $this->note($planned),
                );
            }
            $highest = Run::query()->max('number');

            return Run::query()->create([
                'number' => (is_numeric($highest) ? (int) $highest : 0) + 1,
                'version_id' => $version->id,
                'repeat_of' => $planned->repeats?->id,
                'bait_count' => $planned->plan->baits,
                'air_c' => $planned->plan->shop->climate->airC,
                'humidity_percent' => $planned->plan->shop->climate->humidityPercent,
                'recipe' => RecipeWriter::write($recipe),
                'changes' => PlanView::changes($planned->changes()),
                'rig' => $this->shop->rig(),
                'starts_at' => $planned->startsAt,
            ])->refresh();
        });
    }

    /** @return array<string, float> how many times as long as the model says its paints take to dry by now */
    private function drying(Version $version): array
    {
        $drying = [];
        foreach (Paint::query()->findMany($this->read->paintIds($version->steps)) as $paint) {
            $drying[$paint->id] = $paint->drying;
        }

        return $drying;
    }

    private function note(PlannedRun $planned): string
    {
        $parts = [];
        if ($planned->repeats !== null) {
            $parts[] = 'figures of '.$planned->repeats->label();
        }
        if ($planned->body->id !== $planned->version->body_id) {
            $parts[] = 'fitted to '.$planned->body->name;
        }

        return implode(', ', $parts);
    }
}
