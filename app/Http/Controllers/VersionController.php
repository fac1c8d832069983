<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Patterns\CopyVersion;
use App\Actions\Patterns\Edited;
use App\Actions\Patterns\EditVersion;
use App\Actions\Patterns\ReadRecipe;
use App\Actions\Pictures\DrawTexture;
use App\Actions\Shop\ThisShop;
use App\Http\Drawing;
use App\Http\Input;
use App\Models\Version;
use App\Present\CoreView;
use App\Present\VersionView;
use App\Stores\Rack\Paint;
use Hawkbrush\Core\Advice\Advisor;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Paint as CorePaint;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\ResultWriter;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Render\CoreSample;
use Hawkbrush\Core\Run\Plan;
use Hawkbrush\Core\Run\PlannedStep;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class VersionController
{
    public function __construct(private ReadRecipe $read, private DrawTexture $draw, private EditVersion $edit) {}

    public function show(string $id): JsonResponse
    {
        $version = $this->find($id);

        return new JsonResponse(VersionView::of($version, $this->read->fromVersion($version)));
    }

    /** Made the newest version of its pattern, to be worked on. */
    public function goOn(string $id, CopyVersion $copy, PatternController $patterns): JsonResponse
    {
        return $patterns->answer($copy->goOn($this->find($id))->pattern_id, 201);
    }

    /** {revision, change, show: {upto, look}, key, extends}: the version after the change and, in the same answer, how it looks now. */
    public function edit(Request $request, string $id): JsonResponse
    {
        $form = Input::of($request)->only(['revision', 'change', 'show', 'key', 'extends']);
        $keys = [self::key($form, 'key'), self::key($form, 'extends')];

        return $this->after($this->edit->edit($id, $this->revision($form), $form->field('change'), ...$keys), $form);
    }

    private static function key(Node $form, string $name): ?string
    {
        $key = $form->optional($name);
        if ($key !== null && preg_match('/^[0-9A-Za-z-]{8,80}$/', $key->text(80)) !== 1) {
            throw $key->refuse('A key is 8 to 80 letters, digits and -.');
        }

        return $key?->text(80);
    }

    public function undo(Request $request, string $id): JsonResponse
    {
        $form = Input::of($request)->only(['revision', 'show']);

        return $this->after($this->edit->undo($id, $this->revision($form)), $form);
    }

    public function redo(Request $request, string $id): JsonResponse
    {
        $form = Input::of($request)->only(['revision', 'show']);

        return $this->after($this->edit->redo($id, $this->revision($form)), $form);
    }

    public function texture(Request $request, string $id): JsonResponse
    {
        $query = Input::query($request)->only(['upto', 'look', 'v']);
        $picture = Drawing::asked($query);
        $response = new JsonResponse($this->draw->draw($this->read->fromVersion($this->find($id)), $picture->finish, $picture->upto));
        $response->setEtag(hash('xxh128', (string) $response->getContent()));
        $response->isNotModified($request);

        return $response;
    }

    public function core(Request $request, string $id): JsonResponse
    {
        $query = Input::query($request)->only(['u', 'deg', 'upto', 'look']);
        $recipe = $this->read->fromVersion($this->find($id));
        $picture = Drawing::asked($query);
        $core = CoreSample::at(
            $recipe,
            Surface::of($recipe->body, 128, 64),
            Climate::ordinary(),
            $picture->finish,
            $query->field('u')->number(0, 1),
            $query->field('deg')->number(0, 360),
            $picture->upto,
        );

        return new JsonResponse(CoreView::of($core, $recipe->body));
    }

    public function advice(string $id, ThisShop $shops): JsonResponse
    {
        $recipe = $this->read->fromVersion($this->find($id));
        $shop = $shops->now();
        $room = $shop->climate;
        $plan = $recipe->enabled() === [] ? null : Plan::of($recipe, 1, $shop);

        return new JsonResponse([
            'findings' => array_map(ResultWriter::finding(...), Advisor::advise($recipe, Climate::ordinary(), self::opaques(), $shop)),
            'hands_on_min' => round($plan?->handsOnMin() ?? 0, 1),
            'total_min' => round($plan?->totalMin() ?? 0, 1),
            'waits' => array_map(static fn(PlannedStep $step): array => [
                'step' => $step->step->id, 'min' => round($step->work->waitMin, 1),
            ], $plan->steps ?? []),
            'room' => ['air_c' => $room->airC, 'humidity_percent' => $room->humidityPercent],
        ]);
    }

    /** @return \Generator<CorePaint> what covers and has something in its bottle, read only when it is asked for */
    private static function opaques(): \Generator
    {
        $covering = Paint::query()->where('kind', Kind::Opaque->value)->whereNull('archived_at')->where('left_ml', '>', 0);
        foreach ($covering->cursor() as $paint) {
            yield $paint->core();
        }
    }

    private function after(Edited $edited, Node $form): JsonResponse
    {
        $recipe = $edited->recipe;
        $show = $form->optional('show')?->only(['upto', 'look']);
        $texture = null;
        $trouble = '';
        if ($show !== null) {
            $picture = Drawing::asked($show);
            // The step that was looked at may be the one that was just removed: then all of it is shown.
            $there = $picture->upto !== null && $recipe->number($picture->upto) > 0;
            try {
                $texture = $this->draw->draw($recipe, $picture->finish, $there ? $picture->upto : null, workedOn: self::stepOf($form));
            } catch (\Throwable $e) {
                // It is saved, whatever becomes of the picture.
                report($e);
                $trouble = 'The change is saved. It could not be drawn: '
                    .($e instanceof Refused ? $e->getMessage() : 'what happened stands in storage/logs.');
            }
        }

        return new JsonResponse([
            'version' => VersionView::of($edited->version, $recipe), 'texture' => $texture, 'trouble' => $trouble, 'told' => $edited->told,
        ]);
    }

    /** The step that an edit changed, and that is likely to be changed again. */
    private static function stepOf(Node $form): ?string
    {
        $step = $form->optional('change')?->optional('step')?->raw();

        return \is_string($step) ? $step : null;
    }

    private function revision(Node $form): int
    {
        return $form->field('revision')->integer(1, 2_000_000_000);
    }

    private function find(string $id): Version
    {
        return Version::query()->with(['pattern', 'body'])->findOrFail($id);
    }
}
