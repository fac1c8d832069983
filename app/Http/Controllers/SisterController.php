<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ExchangePaints;
use App\Http\Input;
use App\Http\Picture;
use App\Models\Pattern;
use App\Models\Version;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The same pattern in other paints. */
final readonly class SisterController
{
    public function __construct(private ExchangePaints $exchange) {}

    /** {exchange, look}: the changed bait beside the old; nothing is kept. */
    public function preview(Request $request, string $id): JsonResponse
    {
        $version = $this->find($id);
        $form = Input::of($request)->only(['exchange', 'look']);

        return new JsonResponse($this->exchange->preview($version, $this->exchange->in($version, $form->field('exchange')), Picture::asked($form)->look));
    }

    /** {name, exchange}: kept as a new pattern that remembers this one. */
    public function store(Request $request, string $id, PatternController $patterns): JsonResponse
    {
        $version = $this->find(Pattern::query()->with('current')->findOrFail($id)->current->id);
        $form = Input::of($request)->only(['name', 'exchange']);

        return $patterns->answer($this->exchange->sister($version, $this->exchange->in($version, $form->field('exchange')), $form->field('name')->text(120))->id, 201);
    }

    private function find(string $id): Version
    {
        return Version::query()->with(['pattern', 'body'])->findOrFail($id);
    }
}
