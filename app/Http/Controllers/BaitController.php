<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Runs\LogWords;
use App\Actions\Runs\WorkBench;
use App\Http\Input;
use App\Http\Page;
use App\Http\Revised;
use App\Models\Bait;
use App\Models\Run;
use App\Models\Sought;
use App\Models\ToldAtBench;
use App\Present\BaitView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class BaitController
{
    private const PAGE = 60;

    private const WITH = ['run.version.pattern', 'run.version.body'];

    /** A page of the log: finished baits, the latest first. */
    public function index(Request $request): JsonResponse
    {
        $asked = Input::ofList($request)->only(['q', 'after']);
        $log = Sought::in(Bait::query()->with(LogWords::LISTED)->whereNotNull('words')->where('number', '>', 0), $asked, 'words');
        $page = Page::of($log, $asked, ['number'], self::PAGE, true);
        $notes = ToldAtBench::notes($page->items);
        $photos = ToldAtBench::photos($page->items);

        return new JsonResponse($page->as('baits', static fn(Bait $bait): array => BaitView::brief(
            $bait,
            $notes->about($bait),
            $photos->about($bait),
        )));
    }

    public function show(string $id): JsonResponse
    {
        return new JsonResponse(BaitView::full($this->find($id)));
    }

    public function update(Request $request, string $id): JsonResponse
    {
        $form = Input::of($request)->only(['revision', 'lesson']);

        return new JsonResponse(BaitView::full(Revised::change(
            $form, fn(): Bait => $this->find($id), 'This lesson was written elsewhere.', BaitView::full(...),
            static function (Bait $bait) use ($form): Bait {
                $bait->update(['lesson' => $form->field('lesson')->text(250, true), 'revision' => $bait->revision + 1]);
                LogWords::keep(Run::query()->whereKey($bait->run_id));

                return $bait;
            },
        )));
    }

    public function stamp(string $id, WorkBench $bench): JsonResponse
    {
        $bench->stamp($id);

        return $this->show($id);
    }

    /** {reason}: the stamp taken off again. */
    public function takeStampOff(Request $request, string $id, WorkBench $bench): JsonResponse
    {
        $bait = $this->find($id);
        $bench->takeStampOff($bait->id, Input::of($request)->only(['reason'])->field('reason')->text(250));

        return $this->show($id);
    }

    private function find(string $id): Bait
    {
        return Bait::query()->with(self::WITH)->findOrFail($id);
    }
}
