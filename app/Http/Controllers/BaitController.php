<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Runs\WorkBench;
use App\Http\Input;
use App\Http\Revised;
use App\Models\Bait;
use App\Models\BenchEventRow;
use App\Present\BaitView;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Run\BenchEvent;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class BaitController
{
    private const WITH = ['run.version.pattern', 'run.version.body'];

    /** The log: finished baits, the latest first. */
    public function index(): JsonResponse
    {
        $baits = Bait::query()->with(self::WITH)->whereHas(
            'run',
            static fn(Builder $q): Builder => $q->whereNotNull('finished_at'),
        )->orderByDesc('number')->get();

        $notes = [];
        foreach (BenchEventRow::query()->where('event->type', 'note')->orderBy('seq')->get() as $row) {
            $event = BenchEvent::read(Node::root($row->event));
            $notes[$row->run_id][] = $event;
        }

        return new JsonResponse(['baits' => $baits->map(static function (Bait $bait) use ($notes): array {
            $of = array_filter(
                $notes[$bait->run_id] ?? [],
                static fn(BenchEvent $note): bool => $note->bait === null || $note->bait === $bait->position,
            );

            $texts = array_map(static fn(BenchEvent $note): string => (string) $note->data['text'], $of);

            return BaitView::brief($bait, array_values($texts));
        })->all()]);
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
