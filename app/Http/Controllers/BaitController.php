<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\WorkBench;
use App\Http\Input;
use App\Models\Bait;
use App\Present\BaitView;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class BaitController
{
    private const WITH = ['run.version.pattern', 'run.version.body'];

    /** The log: finished baits, the latest first. */
    public function index(): JsonResponse
    {
        $baits = Bait::query()->with(self::WITH)->whereHas('run', static fn(Builder $q): Builder => $q->whereNotNull('finished_at'))->orderByDesc('number')->get();

        return new JsonResponse(['baits' => $baits->map(BaitView::brief(...))->all()]);
    }

    public function show(string $id): JsonResponse
    {
        return new JsonResponse(BaitView::full($this->find($id)));
    }

    public function update(Request $request, string $id): JsonResponse
    {
        $bait = $this->find($id);
        $bait->update(['lesson' => Input::of($request)->only(['lesson'])->field('lesson')->text(250, true)]);

        return new JsonResponse(BaitView::full($bait));
    }

    public function stamp(string $id, WorkBench $bench): JsonResponse
    {
        return new JsonResponse(BaitView::full($bench->stamp($this->find($id))));
    }

    private function find(string $id): Bait
    {
        return Bait::query()->with(self::WITH)->findOrFail($id);
    }
}
