<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Patterns\ReadRecipe;
use App\Actions\Pictures\DrawTexture;
use App\Http\Input;
use App\Models\Version;
use Hawkbrush\Core\Coat\CoatDocument;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Passes\Pass;
use Hawkbrush\Core\Passes\Passes;
use Hawkbrush\Core\Passes\PassWords;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** One more pass? A step with none, one, two … coats. */
final readonly class PassController
{
    public function __construct(private ReadRecipe $read) {}

    public function index(Request $request, string $id, string $step): JsonResponse
    {
        Input::query($request)->only(['v']);
        $passes = Passes::of($this->recipe($id, $step), $step, null, Climate::ordinary());
        $tooMany = $passes->tooMany;

        return new JsonResponse([
            'planned' => $passes->planned,
            'last_seen' => $passes->lastSeen,
            'too_many' => $tooMany === null ? null : ['coats' => $tooMany->coats, 'step' => $tooMany->step, 'reason' => $tooMany->reason],
            'passes' => array_map(static fn(Pass $pass, ?Pass $before): array => [
                'coats' => $pass->coats,
                'delta_e' => round($pass->most(), 1),
                'says' => PassWords::of($pass, $before),
            ], $passes->all, [null, ...\array_slice($passes->all, 0, -1)]),
        ]);
    }

    /** The bait up to that step, with so many coats of it. */
    public function texture(Request $request, string $id, string $step, string $coats, DrawTexture $draw): JsonResponse
    {
        Input::query($request)->only(['v']);
        $recipe = $this->recipe($id, $step);
        $laid = $this->withCoats($recipe, $step, (int) $coats);

        return new JsonResponse($draw->fleeting($laid, SurfaceFinish::Clear, null));
    }

    /** @throws Refused when the step lays nothing, or not so many coats */
    private function withCoats(Recipe $recipe, string $id, int $coats): Recipe
    {
        $before = \array_slice($recipe->steps, 0, $recipe->number($id) - 1);
        $step = $recipe->step($id);
        if ($step?->coat() === null) {
            throw Refused::at('/step', "Step “{$id}” lays no paint: choose a paint step.");
        }
        $most = (int) CoatDocument::fields()->of('coats')->within(PHP_INT_MAX);
        if ($coats > $most) {
            throw Refused::at('/coats', "A step has at most {$most} coats.");
        }

        return $recipe->with($coats === 0 ? $before : [...$before, $step->asUsed(['coats' => $coats])]);
    }

    private function recipe(string $id, string $step): Recipe
    {
        $recipe = $this->read->fromVersion(Version::query()->with(['pattern', 'body'])->findOrFail($id));
        if ($recipe->step($step) === null) {
            throw new NotFoundHttpException();
        }

        return $recipe;
    }
}
