<?php

declare(strict_types=1);

namespace App\Stores\Rack;

use App\Http\Input;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class MixController
{
    public function look(Request $request, LookAtMix $look): JsonResponse
    {
        return new JsonResponse($look->look(Input::of($request)));
    }

    public function search(Request $request, FindMixes $find): JsonResponse
    {
        return new JsonResponse($find->search(Input::of($request)));
    }

    public function store(Request $request, SavePaint $save): JsonResponse
    {
        return new JsonResponse(PaintView::of($save->fromMix(Input::of($request))), 201);
    }
}
