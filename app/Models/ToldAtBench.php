<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;

/** What events of one kind say of many baits, asked for at once: their notes, their photographs. */
final readonly class ToldAtBench
{
    /** @param array<string, list<array{bait: int|null, text: string}>> $byRun */
    private function __construct(private array $byRun) {}

    /** @param Collection<int, Bait> $baits */
    public static function notes(Collection $baits): self
    {
        return self::of($baits, 'note', 'text');
    }

    /**
     * The ids of their photographs.
     *
     * @param Collection<int, Bait> $baits
     */
    public static function photos(Collection $baits): self
    {
        return self::of($baits, 'photo', 'photo_id');
    }

    /** @param Collection<int, Bait> $baits */
    private static function of(Collection $baits, string $type, string $field): self
    {
        $runIds = $baits->map(static fn(Bait $bait): string => $bait->run_id)->unique();
        // Word for word as the index of notes has it.
        $rows = BenchEventRow::query()->whereIn('run_id', $runIds)->whereRaw("json_extract(event, '$.type') = '{$type}'")->orderBy('seq')
            ->selectRaw("run_id, json_extract(event, '$.bait') AS bait, json_extract(event, '$.data.{$field}') AS text")->toBase()->get();
        $byRun = [];
        foreach ($rows as $row) {
            if (\is_string($row->run_id) && \is_string($row->text)) {
                $byRun[$row->run_id][] = ['bait' => \is_int($row->bait) ? $row->bait : null, 'text' => trim($row->text)];
            }
        }

        return new self($byRun);
    }

    /** @return list<string> of this bait, and of all baits of its run, in their order */
    public function about(Bait $bait): array
    {
        $its = array_filter(
            $this->byRun[$bait->run_id] ?? [],
            static fn(array $told): bool => $told['bait'] === null || $told['bait'] === $bait->position,
        );

        return array_column($its, 'text');
    }
}
