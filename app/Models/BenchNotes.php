<?php

declare(strict_types=1);

namespace App\Models;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Run\BenchEvent;
use Illuminate\Database\Eloquent\Collection;

/** What was noted at the bench, for many baits at once. */
final readonly class BenchNotes
{
    /** @param array<string, list<BenchEvent>> $byRun */
    private function __construct(private array $byRun) {}

    /** @param Collection<int, Bait> $baits */
    public static function ofBaits(Collection $baits): self
    {
        $byRun = [];
        $runIds = $baits->map(static fn(Bait $bait): string => $bait->run_id)->unique();
        // As the index of notes has it.
        $rows = BenchEventRow::query()->whereIn('run_id', $runIds)->whereRaw("json_extract(event, '$.type') = 'note'")->orderBy('seq');
        foreach ($rows->get() as $row) {
            $byRun[$row->run_id][] = BenchEvent::read(Node::root($row->event));
        }

        return new self($byRun);
    }

    /** @return list<string> notes of this bait, and those of all baits of its run, in their order */
    public function of(Bait $bait): array
    {
        $its = array_filter(
            $this->byRun[$bait->run_id] ?? [],
            static fn(BenchEvent $note): bool => $note->bait === null || $note->bait === $bait->position,
        );

        return array_values(array_map(static fn(BenchEvent $note): string => (string) $note->data['text'], $its));
    }
}
