<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Patterns\EditVersion;
use App\Actions\Patterns\ReadRecipe;
use App\Actions\Pictures\DrawTexture;
use App\Http\Drawing;
use App\Http\Input;
use App\Models\Version;
use App\Present\BesideView;
use App\Present\StepView;
use Hawkbrush\Core\Compare\Beside;
use Hawkbrush\Core\Handle\Handle;
use Hawkbrush\Core\Handle\Handles;
use Hawkbrush\Core\Pattern\Recipe;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** One step taken up: what of it can be taken hold of, what it does, and how it would look otherwise. */
final readonly class StepController
{
    public function __construct(private ReadRecipe $read) {}

    public function show(Request $request, string $id, string $step): JsonResponse
    {
        $finish = Drawing::asked(Input::query($request)->only(['look', 'v']))->finish;
        $recipe = $this->read->fromVersion($this->version($id));
        if ($recipe->step($step) === null) {
            throw new NotFoundHttpException();
        }

        return new JsonResponse([
            'handles' => self::handles($recipe, $step),
            'zones' => BesideView::zones(Beside::byStep($recipe, $step, $finish)),
        ]);
    }

    /** {step, change, show: {upto, look}}: that step and the bait as the change would make them; nothing is kept. */
    public function try(Request $request, string $id, EditVersion $edit, DrawTexture $draw): JsonResponse
    {
        $version = $this->version($id);
        $form = Input::of($request)->only(['step', 'change', 'show']);
        $recipe = $edit->tried($version, $form->field('change'));
        $step = $form->field('step')->text(40);
        $picture = Drawing::asked($form->field('show')->only(['upto', 'look']));

        return new JsonResponse([
            'step' => StepView::one($recipe, $step) ?? throw $form->field('step')->refuse('There is no such step in this version.'),
            'handles' => self::handles($recipe, $step),
            'texture' => $draw->fleeting($recipe, $picture->finish, $picture->upto, $step),
        ]);
    }

    /** @return list<array<string, mixed>> */
    private static function handles(Recipe $recipe, string $step): array
    {
        $coat = $recipe->step($step)?->coat();

        return $coat === null ? [] : array_map(static fn(Handle $handle): array => [
            'id' => $handle->id,
            'what' => $handle->what,
            'says' => $handle->says,
            'u' => round($handle->u, 6),
            // A step for the right side only is taken hold of there.
            'deg' => round($coat->place->isRight() ? 360 - $handle->deg : $handle->deg, 3),
            'along' => $handle->along,
            'around' => $handle->around,
            'of_section' => $handle->ofSection,
        ], Handles::of($coat, $recipe->body));
    }

    private function version(string $id): Version
    {
        return Version::query()->with(['pattern', 'body'])->findOrFail($id);
    }
}
