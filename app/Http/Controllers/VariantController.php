<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Patterns\SwapPaints;
use App\Http\Drawing;
use App\Http\Input;
use App\Models\Pattern;
use App\Models\Version;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The same pattern in other paints. */
final readonly class VariantController
{
    public function __construct(private SwapPaints $swap) {}

    /** {swaps, look}: the changed bait beside the old; nothing is kept. */
    public function preview(Request $request, string $id): JsonResponse
    {
        $version = $this->find($id);
        $form = Input::of($request)->only(['swaps', 'look']);

        return new JsonResponse($this->swap->preview(
            $version,
            $this->swap->in($version, $form->field('swaps')),
            Drawing::asked($form)->finish,
        ));
    }

    /** {name, swaps}: kept as a new pattern that remembers this one. */
    public function store(Request $request, string $id, PatternController $patterns): JsonResponse
    {
        $version = $this->find(Pattern::query()->with('current')->findOrFail($id)->current->id);
        $form = Input::of($request)->only(['name', 'swaps']);

        return $patterns->answer(
            $this->swap->variant($version, $this->swap->in($version, $form->field('swaps')), $form->field('name')->text(120))->id,
            201,
        );
    }

    private function find(string $id): Version
    {
        return Version::query()->with(['pattern', 'body'])->findOrFail($id);
    }
}
