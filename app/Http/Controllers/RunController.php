<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Pictures\DrawTexture;
use App\Actions\Pictures\KeepPhoto;
use App\Actions\Runs\DropPlan;
use App\Actions\Runs\FinishRun;
use App\Actions\Runs\PlanRun;
use App\Actions\Runs\WorkBench;
use App\Http\Drawing;
use App\Http\Input;
use App\Http\Page;
use App\Models\BenchPhoto;
use App\Models\Run;
use App\Present\PlanView;
use App\Present\RunView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final readonly class RunController
{
    private const PAGE = 100;

    private const WITH = ['version.pattern', 'version.body', 'master'];

    public function __construct(private PlanRun $plan, private WorkBench $bench) {}

    /** A page of runs, the latest first; with `state` open only those that are not finished. */
    public function index(Request $request): JsonResponse
    {
        $asked = Input::ofList($request)->only(['state', 'after']);
        $runs = Run::query()->selectRaw(RunView::LISTED)->with([
            'version:id,pattern_id,number,body_id,fitted_from_id', 'version.pattern:id,name', 'version.body:id,name', 'master:id,number',
        ])->where('number', '>', 0);
        if (($asked->optional('state')?->choice(['all', 'open']) ?? 'all') === 'open') {
            $runs->whereNull('finished_at');
        }

        $page = Page::of($runs, $asked, ['number'], self::PAGE, true);
        $page->items->filter(static fn(Run $run): bool => $run->atBench())->load('events');

        return new JsonResponse($page->as('runs', RunView::brief(...)));
    }

    /** How a run would go; nothing is kept. */
    public function plan(Request $request): JsonResponse
    {
        $planned = $this->plan->plan(Input::of($request));

        return new JsonResponse([
            'plan' => PlanView::of($planned->plan, $planned->startsAt, $planned->body),
            'changes' => PlanView::changes($planned->changes()),
            'pattern' => ['id' => $planned->version->pattern_id, 'name' => $planned->version->pattern->name],
            'body' => ['id' => $planned->body->id, 'name' => $planned->body->name, 'stock' => $planned->body->stock],
        ]);
    }

    public function store(Request $request): JsonResponse
    {
        return $this->answer($this->plan->keep($this->plan->plan(Input::of($request)))->id, 201);
    }

    public function show(string $id): JsonResponse
    {
        return $this->answer($id);
    }

    public function destroy(string $id, DropPlan $plan): Response
    {
        $plan->drop($id);

        return response()->noContent();
    }

    public function texture(Request $request, string $id, DrawTexture $draw): JsonResponse
    {
        $picture = Drawing::asked(Input::query($request)->only(['upto', 'look']));

        return new JsonResponse($draw->draw(Run::query()->findOrFail($id)->core(), $picture->finish, $picture->upto));
    }

    public function start(string $id): JsonResponse
    {
        return $this->answer($this->bench->start($id)->id);
    }

    public function events(Request $request, string $id): JsonResponse
    {
        $run = Run::query()->findOrFail($id);
        $this->bench->record($run, Input::of($request));

        return new JsonResponse(RunView::record($run->record()));
    }

    public function photo(Request $request, string $id, KeepPhoto $keep): JsonResponse
    {
        $run = Run::query()->findOrFail($id);
        $photo = $keep->forRun($run, $request->file('photo'), $request->input('id'));

        return new JsonResponse(['id' => $photo->id, 'width' => $photo->width, 'height' => $photo->height], 201);
    }

    public function showPhoto(string $id): BinaryFileResponse
    {
        return KeepPhoto::answer(BenchPhoto::query()->findOrFail($id)->id);
    }

    public function finish(string $id, FinishRun $finish): JsonResponse
    {
        return $this->answer($finish->finish($id)->id);
    }

    private function answer(string $id, int $status = 200): JsonResponse
    {
        return new JsonResponse(RunView::full(Run::query()->with(self::WITH)->findOrFail($id)), $status);
    }
}
