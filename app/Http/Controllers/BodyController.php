<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SaveBody;
use App\Http\Input;
use App\Models\Body;
use App\Present\BodyView;
use Hawkbrush\Core\Exchange\BodyReader;
use Hawkbrush\Core\Node;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class BodyController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(['bodies' => Body::query()->orderBy('name')->get()->map(BodyView::of(...))->all()]);
    }

    public function store(Request $request, SaveBody $save): JsonResponse
    {
        $form = Input::of($request);
        $stock = $form->optional('stock')?->integer(0, 100_000) ?? 0;
        $form->field('name')->text(80);
        $document = array_map(static fn(Node $n): mixed => $n->raw(), $form->fields());
        unset($document['stock']);

        return new JsonResponse(BodyView::of($save->of(BodyReader::read(Node::root($document)), $stock)), 201);
    }
}
