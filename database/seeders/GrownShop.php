<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Patterns\CopyVersion;
use App\Actions\Patterns\ReadRecipe;
use App\Actions\Patterns\SavePattern;
use App\Actions\Runs\FinishRun;
use App\Actions\Runs\PlanRun;
use App\Actions\Runs\WorkBench;
use App\Models\Bait;
use App\Models\Pattern;
use App\Models\Run;
use App\Models\Version;
use App\Stores\Rack\Paint;
use App\Stores\Rack\SavePaint;
use Hawkbrush\Core\Air\Cause;
use Hawkbrush\Core\Air\Fault;
use Hawkbrush\Core\Exchange\RecipeWriter;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Step\Step;
use Illuminate\Support\Carbon;

/**
 * Years of work in the shop of the demo, made by what the pages call: for measuring how the application bears them. The
 * same figures give the same work, but for its ids.
 */
final class GrownShop
{
    private const COLOURS = ['Reed', 'Alder', 'Slate', 'Ember', 'Moss', 'Amber', 'Clay', 'Frost', 'Rowan', 'Peat', 'Fjord', 'Heather'];

    private const SHADES = ['light', 'deep', 'warm', 'cold', 'old', 'pale', 'bright', 'dull', 'clear', 'dark'];

    /** Kinds that stand in for one another when a pattern is varied. */
    private const KINDS = ['opaque', 'semi-opaque', 'transparent', 'pearl', 'metallic', 'fluorescent'];

    private const DAYS = 3650;

    /** Baits of the runs, in turn: four on average. */
    private const BAITS = [4, 2, 6, 3, 5, 4, 1, 7];

    /** @var array<string, list<Paint>> paints to vary patterns with, by kind */
    private array $byKind = [];

    public function __construct(
        private readonly SavePaint $paint,
        private readonly SavePattern $pattern,
        private readonly ReadRecipe $read,
        private readonly PlanRun $plan,
        private readonly WorkBench $bench,
        private readonly FinishRun $finish,
        private readonly CopyVersion $copy,
    ) {}

    /** @param \Closure(): mixed $step called after each paint, pattern and run */
    public function grow(int $paints, int $patterns, int $runs, \Closure $step): void
    {
        $begin = Carbon::now();
        try {
            Carbon::setTestNow($begin->copy()->subDays(self::DAYS));
            $this->rack($paints, $step);
            $this->shelf($patterns, $step);
            $this->work($runs, $begin, $step);
        } finally {
            Carbon::setTestNow();
        }
    }

    private function rack(int $wanted, \Closure $step): void
    {
        for ($n = Paint::query()->count(); $n < $wanted; $n++) {
            $kind = self::KINDS[$n % \count(self::KINDS)];
            $this->paint->fromForm(Node::root([
                'name' => \sprintf('%s %s %03d', self::COLOURS[$n % 12], self::SHADES[$n % 10], $n),
                'kind' => $kind,
                'hex' => \sprintf('#%02x%02x%02x', 40 + ($n * 53) % 190, 40 + ($n * 97) % 190, 40 + ($n * 29) % 190),
                'solids' => 0.3 + 0.02 * ($n % 6),
                'bottle_ml' => 60,
                'left_ml' => 60,
            ]));
            $step();
        }
        foreach (Paint::query()->whereIn('kind', self::KINDS)->orderBy('id')->get() as $paint) {
            $this->byKind[$paint->kind][] = $paint;
        }
    }

    private function shelf(int $wanted, \Closure $step): void
    {
        $models = [];
        foreach (Pattern::query()->with(['current.body', 'current.pattern'])->orderBy('id')->get() as $pattern) {
            $models[] = $this->read->fromVersion($pattern->current);
        }
        for ($n = \count($models); $n < $wanted; $n++) {
            $model = $models[$n % \count($models)];
            $document = $this->varied(['name' => \sprintf('%s %04d', $model->name, $n)] + RecipeWriter::write($model), $n);
            $imported = $this->pattern->fromDocument(Node::root($document));
            if ($n % 40 === 0) {
                $imported->pattern->update(['retired_at' => Carbon::now()]);
            }
            $step();
        }
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed> the same in two other paints
     */
    private function varied(array $document, int $number): array
    {
        $changed = 0;
        \assert(\is_array($document['paints']));
        foreach ($document['paints'] as $id => $paint) {
            $alike = $this->byKind[\is_array($paint) && \is_string($paint['kind'] ?? null) ? $paint['kind'] : ''] ?? [];
            if ($alike !== [] && ($changed++ + $number) % 3 === 0) {
                $other = $alike[($number * 7 + $changed) % \count($alike)];
                $document['paints'][$id] = [
                    'name' => $other->name, 'kind' => $other->kind, 'hex' => $other->hex, 'solids' => $other->solids,
                    'drop_ml' => $other->drop_ml, 'family' => $other->family, 'from_card' => $other->from_card, ...$other->optics,
                ];
            }
        }

        return $document;
    }

    private function work(int $wanted, Carbon $until, \Closure $step): void
    {
        /** @var list<string> $shelf */
        $shelf = Pattern::query()->whereNull('retired_at')->orderBy('id')->pluck('id')->all();
        $already = Run::query()->count();
        for ($n = $already; $n < $wanted; $n++) {
            $at = $until->copy()->subMinutes((int) ((self::DAYS - 1) * 1440 * (1 - $n / $wanted)) + 1440);
            Carbon::setTestNow($at);
            // Some patterns are painted again and again, most once or never.
            $pattern = $n % 3 === 0 ? $shelf[$n % 40] : $shelf[($n * 13) % \count($shelf)];
            $version = Pattern::query()->findOrFail($pattern)->current;
            if ($version->painted_at !== null && $n % 5 === 0) {
                $version = $this->copy->next($version, 'next season');
            }
            $this->painted($version, self::BAITS[$n % 8], $n, $at);
            $step();
        }
    }

    private function painted(Version $version, int $baits, int $number, Carbon $at): void
    {
        $run = $this->plan->keep($this->plan->plan(Node::root([
            'version_id' => $version->id, 'baits' => $baits, 'air_c' => 16 + $number % 9, 'humidity_percent' => 40 + $number % 35,
            'starts_at' => $at->toIso8601ZuluString(),
        ])));
        $run = $this->bench->start($run->id);
        $this->bench->record($run, Node::root(['events' => $this->events($run, $number)]));
        Carbon::setTestNow($at->copy()->addHours(26));
        $this->finish->finish($run->id);
        $first = Bait::query()->where('run_id', $run->id)->where('position', 1)->firstOrFail();
        if ($number % 5 === 0) {
            $first->update(['lesson' => 'Less '.self::SHADES[$number % 10].' on the back, and '.self::COLOURS[$number % 12].' before it.']);
        }
        if ($number % 25 === 0) {
            $this->bench->stamp($first->id);
        }
    }

    /** @return list<array<string, mixed>> every step done on every bait; now and then a note, a fault and what helped, a bait rejected */
    private function events(Run $run, int $number): array
    {
        $steps = $run->core()->enabled();
        $last = $steps[\count($steps) - 1];
        $events = [];
        foreach ($steps as $i => $step) {
            foreach ($step->forAll() ? [null] : range(1, $run->bait_count) as $bait) {
                $events[] = $this->event($number, \count($events), $step, $bait, 'done', [], 10 * $i);
            }
        }
        $coats = $run->core()->coats();
        $coat = $coats === [] ? $last : $run->core()->step($coats[$number % \count($coats)]->id) ?? $last;
        $said = [];
        if ($number % 2 === 0) {
            $said[] = ['note', $coat, $number % 4 === 0 ? 1 : null, ['text' => self::SHADES[$number % 10].' light, laid smoothly']];
        }
        if ($number % 3 === 0) {
            $fault = ['fault' => Fault::cases()[$number % \count(Fault::cases())]->value];
            $cause = Cause::cases()[$number % \count(Cause::cases())]->value;
            $said[] = ['fault', $coat, 1, $fault + ['psi' => 10 + $number % 20]];
            $said[] = ['tried', $coat, 1, $fault + ['cause' => $cause, 'helped' => $number % 2 === 0]];
        }
        if ($number % 20 === 7 && $run->bait_count > 1) {
            $said[] = ['rejected', $last, $run->bait_count, ['reason' => 'ran at the belly']];
        }
        foreach ($said as [$type, $at, $bait, $data]) {
            $events[] = $this->event($number, \count($events), $at, $bait, $type, $data, 1);
        }

        return $events;
    }

    /**
     * @param array<string, mixed> $data
     *
     * @return array<string, mixed>
     */
    private function event(int $run, int $event, Step $step, ?int $bait, string $type, array $data, int $minute): array
    {
        return [
            'id' => \sprintf('grown-%06d-%05d', $run, $event), 'type' => $type, 'step' => $step->id, 'bait' => $bait,
            'at' => Carbon::now()->addMinutes($minute)->toIso8601ZuluString(), 'data' => $data,
        ];
    }
}
