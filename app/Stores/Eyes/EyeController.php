<?php

declare(strict_types=1);

namespace App\Stores\Eyes;

use App\Actions\Patterns\ReadRecipe;
use App\Http\Input;
use App\Http\Revised;
use App\Models\Version;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final class EyeController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(['eyes' => EyeView::all()]);
    }

    public function store(Request $request, KeepEyes $keep): JsonResponse
    {
        return new JsonResponse(EyeView::of($keep->add(Input::of($request))), 201);
    }

    public function update(Request $request, string $id, KeepEyes $keep): JsonResponse
    {
        $form = Input::of($request);

        return new JsonResponse(EyeView::of(Revised::change(
            $form,
            static fn(): EyeCard => EyeCard::query()->findOrFail($id),
            'These eyes were changed elsewhere.',
            EyeView::of(...),
            static fn(EyeCard $card): EyeCard => $keep->change($card, $form),
        )));
    }

    public function fit(string $id, string $step, ReadRecipe $read): JsonResponse
    {
        $recipe = $read->fromVersion(Version::query()->with(['pattern', 'body'])->findOrFail($id));
        $eye = $recipe->step($step)?->eye() ?? throw new NotFoundHttpException();

        return new JsonResponse(EyeView::fit($recipe, $step, $eye));
    }
}
