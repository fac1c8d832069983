<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SavePaint;
use App\Actions\TeachPaint;
use App\Http\Conflict;
use App\Http\Input;
use App\Models\Paint;
use App\Present\PaintView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class PaintController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(['paints' => Paint::query()->orderBy('name')->get()->map(PaintView::of(...))->all()]);
    }

    public function store(Request $request, SavePaint $save): JsonResponse
    {
        return new JsonResponse(PaintView::of($save->fromForm(Input::of($request))), 201);
    }

    /** A card half white, half black: looked at, and with `keep` used from then on. */
    public function drawdown(Request $request, string $id, TeachPaint $teach): JsonResponse
    {
        $paint = Paint::query()->findOrFail($id);
        $form = Input::of($request)->only(['revision', 'over_white', 'over_black', 'white', 'black', 'dry_um', 'seen', 'keep']);
        if ($form->field('revision')->integer(1, PHP_INT_MAX) !== $paint->revision) {
            throw new Conflict('This paint was changed elsewhere.', PaintView::of($paint), $form->raw());
        }
        [$found, $meaning] = $teach->look($paint, $form);
        if ($form->optional('keep')?->boolean() ?? false) {
            $teach->keep($paint, $found);
        }

        return new JsonResponse(['paint' => PaintView::of($paint), ...$meaning]);
    }

    /** What is left in the bottle, and whether it still stands on the rack. */
    public function update(Request $request, string $id): JsonResponse
    {
        $paint = Paint::query()->findOrFail($id);
        $form = Input::of($request)->only(['revision', 'left_ml', 'archived']);
        if ($form->field('revision')->integer(1, PHP_INT_MAX) !== $paint->revision) {
            throw new Conflict('This paint was changed elsewhere.', PaintView::of($paint), $form->raw());
        }
        $archived = $form->optional('archived')?->boolean();
        $paint->update([
            'left_ml' => $form->optional('left_ml')?->number(0, 5000) ?? $paint->left_ml,
            'archived_at' => $archived === null ? $paint->archived_at : ($archived ? now() : null),
            'revision' => $paint->revision + 1,
        ]);

        return new JsonResponse(PaintView::of($paint));
    }
}
