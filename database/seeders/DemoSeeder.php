<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Patterns\SavePattern;
use App\Actions\Patterns\SwapPaints;
use App\Actions\Pictures\KeepPhoto;
use App\Actions\Runs\FinishRun;
use App\Actions\Runs\PlanRun;
use App\Actions\Runs\WorkBench;
use App\Devices\PaintedCard;
use App\Devices\SimulatedColorimeter;
use App\Models\Bait;
use App\Models\Pattern;
use App\Models\Preference;
use App\Models\Run;
use App\Models\Version;
use App\Stores\Bodies\Body;
use App\Stores\Bodies\KeepLots;
use App\Stores\Bodies\SaveBody;
use App\Stores\Clears\KeepClears;
use App\Stores\Eyes\KeepEyes;
use App\Stores\Masks\KeepMask;
use App\Stores\Rack\Paint;
use App\Stores\Rack\SavePaint;
use App\Stores\Rack\TeachPaint;
use App\Stores\Rig\KeepRig;
use Hawkbrush\Core\Body\Body as CoreBody;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Step\Step;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** The demo: the rack, drawer and patterns of an invented shop, one pattern proven, one half done at the bench. */
final class DemoSeeder extends Seeder
{
    public function run(
        SavePaint $paint,
        SaveBody $body,
        SavePattern $pattern,
        PlanRun $plan,
        WorkBench $bench,
        TeachPaint $teach,
        SwapPaints $exchange,
        KeepPhoto $photo,
        KeepLots $lots,
        KeepMask $masks,
        KeepRig $rig,
        KeepClears $clears,
        KeepEyes $eyes,
    ): void {
        Preference::query()->create(['id' => 1, 'values' => ['air_c' => 19.5, 'humidity_percent' => 58.0, 'currency' => '€']]);
        DemoShop::put($rig, $clears, $eyes);
        $racked = $forms = $patterns = [];
        foreach (DemoStores::paints() as $key => [$name, $kind, $hex, $solids, $bottle, $left]) {
            [$family, $finish, $opened] = DemoStores::about()[$key];
            $racked[$key] = $paint->fromForm(Node::root(['price' => DemoStores::price($kind, $bottle),
                'name' => $name,
                'kind' => $kind,
                'hex' => $hex,
                'solids' => $solids,
                'bottle_ml' => $bottle,
                'left_ml' => $left,
                'family' => $family,
                'finish' => $finish,
                'opened_on' => $opened,
            ]));
        }
        foreach (['white', 'bone'] as $key) {
            $this->measured($racked[$key], $key, $teach);
        }
        $paint->fromMix(Node::root([
            'name' => 'Reed olive',
            'made_ml' => 8,
            'parts' => [['paint' => $racked['moss']->id, 'drops' => 3], ['paint' => $racked['amber']->id, 'drops' => 2]],
        ]));
        foreach (DemoBodies::all() as $key => [$document, $kept]) {
            $forms[$key] = $body->save(CoreBody::read(Node::root($document)), $kept);
        }
        $this->lots($forms, $lots);
        foreach (DemoPatterns::all() as $document) {
            $patterns[$document['species']] = $this->pattern($document, $racked, $forms, $pattern);
        }
        $this->masks($patterns, $forms, $masks);
        $this->proven($patterns['roach'], $plan, $bench);
        $this->tried($patterns['bleak'], $plan, $bench);
        $this->atTheClear($patterns['gudgeon'], $plan, $bench);
        $this->halfDone($patterns['zander'], $plan, $bench);
        $this->variant($patterns['roach'], $racked, $exchange);
        $photo->picture($patterns['roach'], DemoPhoto::roach());
    }

    /**
     * Masks cut for steps of the patterns, and some for bodies nothing is painted on yet.
     *
     * @param array<string, Pattern> $patterns
     * @param array<string, Body> $forms
     */
    private function masks(array $patterns, array $forms, KeepMask $keep): void
    {
        foreach (DemoMasks::ofSteps() as [$species, $title, $name, $sheet, $lasts, $uses]) {
            $version = $patterns[$species]->current;
            $step = array_column($version->steps, 'id', 'title')[$title];
            $keep->make(Node::root([
                'version_id' => $version->id,
                'step' => $step,
                'name' => $name,
                'sheet' => $sheet,
                'lasts' => $lasts,
            ]))->update(['uses' => $uses]);
        }
        foreach (DemoMasks::drawn() as [$body, $name, $technique, $sheet, $uses]) {
            $keep->make(Node::root([
                'body_id' => $forms[$body]->id,
                'name' => $name,
                'technique' => $technique,
                'sheet' => $sheet,
            ]))->update(['uses' => $uses]);
        }
    }

    /** @param array<string, Body> $forms */
    private function lots(array $forms, KeepLots $keep): void
    {
        foreach (DemoBodies::lots() as [$key, $supplier, $count, $price, $day, $seen, $faults]) {
            $lot = $keep->buy(
                $forms[$key]->refresh(),
                Node::root(array_filter(
                    ['supplier' => $supplier, 'count' => $count, 'price' => $price, 'bought_on' => $day],
                    static fn(mixed $v): bool => $v !== null,
                )),
            );
            $wrong = array_column($faults, 1, 0);
            for ($number = 1; $number <= $seen; $number++) {
                $keep->inspect(
                    $lot->refresh()->load(['inspections', 'body']),
                    Node::root(['number' => $number, 'rejected' => isset($wrong[$number]), 'fault' => $wrong[$number] ?? '']),
                );
            }
        }
    }

    /** A card read with the simulated instrument, always with the same noise. */
    private function measured(Paint $paint, string $key, TeachPaint $teach): void
    {
        $card = DemoCards::all()[$key];
        $instrument = new SimulatedColorimeter([$key => $card], 1912);
        $form = ['film' => ['wet_um' => $card->wetUm], 'source' => 'colorimeter'];
        foreach (array_keys(PaintedCard::HALVES) as $half) {
            $form[$half] = ['reflectance' => json_decode(substr($instrument->answer("READ {$key}:{$half}"), 3), true)];
        }
        [$found] = $teach->look($paint, Node::root($form));
        $teach->keep($paint, $found, Node::root($form));
    }

    /** @param array<string, Paint> $racked */
    private function variant(Pattern $of, array $racked, SwapPaints $exchange): void
    {
        $version = Version::query()->with(['pattern', 'body'])->findOrFail($of->current->id);
        $changed = $exchange->in(
            $version,
            Node::root([['paint' => $racked['bluepearl']->id, 'for' => [['paint' => $racked['gold']->id, 'drops' => 1]]]]),
        );
        $exchange->variant($version, $changed, 'Roach, tea water');
    }

    /**
     * @param array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} $document
     * @param array<string, Paint> $racked
     * @param array<string, Body> $forms
     */
    private function pattern(array $document, array $racked, array $forms, SavePattern $save): Pattern
    {
        $form = $forms[$document['body']];
        $document['paints'] = array_map(static fn(Paint $p): array => [
            'name' => $p->name,
            'kind' => $p->kind,
            'hex' => $p->hex,
            'solids' => $p->solids,
            'drop_ml' => $p->drop_ml,
            'family' => $p->family,
            'from_card' => $p->from_card,
            ...$p->optics,
        ], $racked);
        $document['body'] = ['name' => $form->name, 'material' => $form->material, ...$form->form];

        return $save->fromDocument(Node::root($document))->pattern;
    }

    /** Four roach for the club outing, with the figures really used, stamped. */
    private function proven(Pattern $pattern, PlanRun $plan, WorkBench $bench): void
    {
        $run = $this->started($pattern, 4, Carbon::now()->subDays(39)->setTime(17, 10), $plan, $bench);
        $steps = $run->core()->enabled();
        foreach ($steps as $i => $step) {
            if ($step->title === 'Blue pearl, soft fade down') {
                $this->add($run, $bench, $step, 1, 'fault', ['fault' => 'spit', 'psi' => 6], 10 * $i);
                foreach (['paint dried on the tip' => false, 'too little air' => true] as $cause => $helped) {
                    $tried = ['fault' => 'spit', 'cause' => $cause, 'helped' => $helped];
                    $this->add($run, $bench, $step, 1, 'tried', $tried, 10 * $i + (int) $helped);
                }
                $this->add($run, $bench, $step, null, 'figures', ['psi' => 8, 'strokes' => 5], 10 * $i + 1);
                $this->add($run, $bench, $step, null, 'note', ['text' => 'Spat at 6 psi; 8 laid it smoothly.'], 10 * $i + 1);
            }
            if ($step->title === 'Grey through 3.6 mm mesh') {
                $this->add($run, $bench, $step, null, 'figures', ['psi' => 11, 'thinning_percent' => 45], 10 * $i);
            }
            $this->done($run, $bench, $step, range(1, 4), 10 * $i + 2);
        }
        app(FinishRun::class)->finish($run->id);
        $run->update(['finished_at' => Carbon::now()->subDays(38)->setTime(9, 30)]);
        $bait = Bait::query()->with('run.version')->where('run_id', $run->id)->where('position', 2)->firstOrFail();
        $bait->update(['lesson' => 'The fade stands right at 61 degrees; keep the five strokes.']);
        $bench->stamp($bait->id);
    }

    /** A first pair of bleak; a step was not ticked, so it cannot be stamped yet. */
    private function tried(Pattern $pattern, PlanRun $plan, WorkBench $bench): void
    {
        $run = $this->started($pattern, 2, Carbon::now()->subDays(12)->setTime(19, 0), $plan, $bench);
        foreach ($run->core()->enabled() as $i => $step) {
            if ($step->title !== 'Lateral line') {
                $this->done($run, $bench, $step, [1, 2], 12 * $i);
            }
        }
        app(FinishRun::class)->finish($run->id);
        $run->update(['finished_at' => Carbon::now()->subDays(11)->setTime(20, 15)]);
    }

    /** Three zander on the clamps: as far as the mesh, the second of three half done. */
    private function halfDone(Pattern $pattern, PlanRun $plan, WorkBench $bench): void
    {
        $run = $this->started($pattern, 3, Carbon::now()->subMinutes(50), $plan, $bench);
        foreach (\array_slice($run->core()->enabled(), 0, 5) as $i => $step) {
            $this->done($run, $bench, $step, $i < 4 ? [1, 2, 3] : [1], 8 * $i);
            if ($i === 4) {
                $this->add($run, $bench, $step, 2, 'side', ['side' => 'left'], 40);
            }
        }
    }

    /** Five gudgeon at their clear, which takes two mixes: the first is mixed, and two of its baits are coated. */
    private function atTheClear(Pattern $pattern, PlanRun $plan, WorkBench $bench): void
    {
        $minutes = 150;
        $run = $this->started($pattern, 5, Carbon::now()->subMinutes($minutes), $plan, $bench);
        $steps = $run->core()->enabled();
        $last = \count($steps) - 1;
        foreach (\array_slice($steps, 0, $last) as $i => $step) {
            $this->done($run, $bench, $step, range(1, 5), (int) (($minutes - 20) * $i / $last));
        }
        $clear = $steps[$last];
        $this->add($run, $bench, $clear, null, 'timer', ['seconds' => 700, 'label' => 'mix 1 of 2'], $minutes - 6);
        $this->done($run, $bench, $clear, [1, 2], $minutes - 1);
    }

    private function started(Pattern $pattern, int $baits, Carbon $at, PlanRun $plan, WorkBench $bench): Run
    {
        $run = $plan->keep($plan->plan(Node::root([
            'version_id' => $pattern->current->id,
            'baits' => $baits,
            'air_c' => 19.5,
            'humidity_percent' => 58,
            'starts_at' => $at->toIso8601ZuluString(),
        ])));
        $run = $bench->start($run->id);
        $run->update(['started_at' => $at]);

        return $run;
    }

    /** @param list<int> $baits */
    private function done(Run $run, WorkBench $bench, Step $step, array $baits, int $minute): void
    {
        foreach ($step->forAll() ? [null] : $baits as $bait) {
            foreach ($step->sides() as $side) {
                $this->add($run, $bench, $step, $bait, 'side', ['side' => $side], $minute);
            }
            $this->add($run, $bench, $step, $bait, 'done', [], $minute);
        }
    }

    /** @param array<string, string|int|float|bool> $data */
    private function add(Run $run, WorkBench $bench, Step $step, ?int $bait, string $type, array $data, int $minute): void
    {
        $at = ($run->started_at ?? Carbon::now())->copy()->addMinutes($minute);
        $bench->record($run, Node::root(['events' => [
            [
                'id' => (string) Str::ulid(),
                'type' => $type,
                'step' => $step->id,
                'bait' => $bait,
                'at' => $at->toIso8601ZuluString(),
                'data' => $data,
            ],
        ]]));
    }
}
