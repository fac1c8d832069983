<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;

/** What was noted at the bench, for many baits at once. */
final readonly class BenchNotes
{
    /** @param array<string, list<array{bait: int|null, text: string}>> $byRun */
    private function __construct(private array $byRun) {}

    /** @param Collection<int, Bait> $baits */
    public static function ofBaits(Collection $baits): self
    {
        $runIds = $baits->map(static fn(Bait $bait): string => $bait->run_id)->unique();
        // As the index of notes has it.
        $rows = BenchEventRow::query()->whereIn('run_id', $runIds)->whereRaw("json_extract(event, '$.type') = 'note'")->orderBy('seq')
            ->selectRaw("run_id, json_extract(event, '$.bait') AS bait, json_extract(event, '$.data.text') AS text")->toBase()->get();
        $byRun = [];
        foreach ($rows as $row) {
            if (\is_string($row->run_id) && \is_string($row->text)) {
                $byRun[$row->run_id][] = ['bait' => \is_int($row->bait) ? $row->bait : null, 'text' => trim($row->text)];
            }
        }

        return new self($byRun);
    }

    /** @return list<string> notes of this bait, and those of all baits of its run, in their order */
    public function of(Bait $bait): array
    {
        $its = array_filter(
            $this->byRun[$bait->run_id] ?? [],
            static fn(array $note): bool => $note['bait'] === null || $note['bait'] === $bait->position,
        );

        return array_column($its, 'text');
    }
}
