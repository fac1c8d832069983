<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Named;
use App\Actions\Patterns\ReadRecipe;
use App\Actions\Pictures\DrawTexture;
use App\Http\Drawing;
use App\Http\Input;
use App\Models\Version;
use App\Present\BesideView;
use App\Present\FitView;
use App\Present\PlanView;
use App\Present\StepView;
use App\Stores\Bodies\Body;
use App\Stores\Bodies\BodyView;
use App\Stores\Masks\FindMask;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Compare\Beside;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\ResultWriter;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Pattern\Scaling;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Render\Symmetry;
use Hawkbrush\Core\Run\Change;
use Hawkbrush\Core\Run\Plan;
use Hawkbrush\Core\Run\PlanChanges;
use Hawkbrush\Core\Shop\Shop;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A pattern held against another body, another pattern, its own other side, and the mask box. */
final readonly class FitController
{
    public function __construct(private ReadRecipe $read, private DrawTexture $draw, private FindMask $find) {}

    /** {body_id, marks: scale or stay, look}: the pattern on another body beside its own; nothing is kept. */
    public function fit(Request $request, string $id): JsonResponse
    {
        $recipe = $this->read->fromVersion($this->version($id));
        $form = Input::of($request)->only(['body_id', 'marks', 'look']);
        $body = Named::body($form->field('body_id'));
        $fitted = Scaling::fit($recipe, $body->core(), $form->optional('marks')?->choice(['scale', 'stay']) !== 'stay');
        $finish = Drawing::asked($form)->finish;
        $shop = Shop::ordinary();

        return new JsonResponse([
            'factor' => round(Scaling::factor($recipe->body, $fitted->body), 3),
            'body' => BodyView::of($body),
            'was' => $this->draw->draw($recipe, $finish, null),
            'now' => $this->draw->draw($fitted, $finish, null),
            'steps' => StepView::all($fitted),
            'changes' => PlanView::changes([
                ...Change::between($recipe, $fitted),
                ...($recipe->enabled() === [] ? [] : PlanChanges::between(Plan::of($recipe, 1, $shop), Plan::of($fitted, 1, $shop))),
            ]),
            'masks' => FitView::masks($fitted, $this->find->forRecipe($fitted)),
        ]);
    }

    /** Two baits zone by zone. */
    public function beside(Request $request, string $id, string $other): JsonResponse
    {
        $finish = Drawing::asked(Input::query($request)->only(['look']))->finish;

        return new JsonResponse(['zones' => BesideView::zones(Beside::between(
            $this->read->fromVersion($this->version($id)),
            $this->read->fromVersion($this->version($other)),
            $finish,
        ))]);
    }

    /** Which masks of the box serve this version. */
    public function masks(string $id): JsonResponse
    {
        $recipe = $this->read->fromVersion($this->version($id));

        return new JsonResponse(['masks' => FitView::masks($recipe, $this->find->forRecipe($recipe))]);
    }

    /** The two sides laid over each other. */
    public function symmetry(Request $request, string $id): JsonResponse
    {
        $picture = Drawing::asked(Input::query($request)->only(['upto', 'look', 'v']));
        $recipe = $this->read->fromVersion($this->version($id));
        $symmetry = Symmetry::compare(
            Field::painted($recipe, Surface::of($recipe->body), Climate::ordinary(), $picture->upto),
            $picture->finish,
        );

        return new JsonResponse([
            'texture' => ResultWriter::texture($symmetry->texture),
            'mean' => round($symmetry->mean, 2),
            'most' => round($symmetry->most, 1),
            'tones' => [...Symmetry::TONES, null], 'shares' => array_map(static fn(float $s): float => round($s, 4), $symmetry->shares),
            'steps' => self::oneSided($recipe),
        ]);
    }

    /** @return list<array<string, mixed>> steps that do not come out alike on both sides, and why */
    private static function oneSided(Recipe $recipe): array
    {
        $steps = array_values(array_filter(
            $recipe->coats(),
            static fn(Coat $s): bool => $s->place->side !== null || ! $s->technique->mirrored(),
        ));

        return array_map(static fn(Coat $s): array => [
            'step' => $s->id, 'number' => $recipe->number($s->id), 'name' => $recipe->step($s->id)?->label(),
            'why' => $s->place->side !== null ? "on the {$s->place->side} side only" : 'by chance: no side is quite like the other',
        ], $steps);
    }

    private function version(string $id): Version
    {
        return Version::query()->with(['pattern', 'body'])->findOrFail($id);
    }
}
