<?php

declare(strict_types=1);

namespace App\Stores\Clears;

use App\Http\Input;
use App\Http\Revised;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class ClearController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(ClearView::all());
    }

    public function store(Request $request, KeepClears $keep): JsonResponse
    {
        return new JsonResponse(ClearView::of($keep->add(Input::of($request))), 201);
    }

    public function update(Request $request, string $id, KeepClears $keep): JsonResponse
    {
        $form = Input::of($request);

        return new JsonResponse(ClearView::of(Revised::change(
            $form,
            static fn(): ClearBottle => ClearBottle::query()->findOrFail($id),
            'This clear was changed elsewhere.',
            ClearView::of(...),
            static fn(ClearBottle $one): ClearBottle => $keep->change($one, $form),
        )));
    }
}
