<?php

declare(strict_types=1);

namespace App\Stores\Rack;

use App\Exceptions\NotNow;
use Hawkbrush\Core\Exchange\Bottle;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Brings the rack up to date from a table, and takes that back as one. A guess of optics takes a hundredth of a second, so all
 * of it is worked out before anything is written; what has changed on the rack meanwhile is worked out again.
 */
final readonly class ImportRack
{
    private const TRIES = 5;

    /** Ids in one statement: SQLite takes 32,766 figures. */
    private const ROWS = 500;

    public function __construct(private SavePaint $save) {}

    /**
     * Bottles known by name are brought up to date, others are added; all of it or nothing.
     *
     * @param list<Bottle> $bottles
     *
     * @throws NotNow while others keep changing the same bottles
     */
    public function bring(array $bottles): Import
    {
        $worked = [];
        for ($try = 1; $try <= self::TRIES; $try++) {
            $revisions = self::revisions();
            [$before, $after] = $this->workOut($bottles, $worked);
            $rows = array_map(self::row(...), $after);
            $import = new Import(['paints' => array_values(array_map(static fn(Paint $paint): array => [
                'id' => $paint->id,
                'revision' => $paint->revision,
                'before' => $before[$paint->id] ?? null,
            ], $after))]);
            $done = DB::transaction(static function () use ($revisions, $rows, $before, $import): bool {
                if (self::revisions() !== $revisions) {
                    return false;
                }
                self::put(array_diff_key($rows, $before));
                self::put(array_intersect_key($rows, $before));

                return $import->save();
            });
            if ($done) {
                return $import;
            }
        }
        throw NotNow::rackChanging();
    }

    /**
     * @param list<Bottle> $bottles
     * @param array<string, Paint> $worked what was worked out already, by line and by what it was worked out from
     *
     * @return array{array<string, array<string, mixed>>, array<string, Paint>} by id: known bottles as they were, and all that say something new
     */
    private function workOut(array $bottles, array &$worked): array
    {
        $known = Paint::query()->whereNull('archived_at')->orderByDesc('id')->get()->keyBy('name')->all();
        $before = $after = [];
        foreach ($bottles as $line => $bottle) {
            $was = $known[$bottle->name] ?? null;
            $paint = $worked["{$line} {$was?->id} {$was?->revision}"] ??= $this->save->ofBottle($bottle, $was);
            if ($was !== null && self::same($was->getAttributes(), $paint->getAttributes())) {
                continue;
            }
            // A name that stands twice in the table is one bottle: what was there before the first line counts.
            if ($was?->exists === true && ! isset($after[$was->id])) {
                $before[$was->id] = $was->getRawOriginal();
            }
            $after[$paint->id] = $known[$bottle->name] = $paint;
        }

        return [$before, $after];
    }

    /** @return array<array-key, mixed> as the table has it */
    private static function row(Paint $paint): array
    {
        $now = $paint->freshTimestampString();

        return DB::connection()->prepareBindings(['updated_at' => $now] + $paint->getAttributes() + ['created_at' => $now]);
    }

    /**
     * By one prepared statement: the query builder would take longer over the text of thousands of figures than SQLite over the rows.
     *
     * @param array<array-key, array<array-key, mixed>> $rows of the same columns
     */
    private static function put(array $rows): void
    {
        $columns = array_keys(reset($rows) ?: []);
        if ($columns === []) {
            return;
        }
        $names = implode(', ', array_map(static fn(string $column): string => "\"{$column}\"", $columns));
        $new = implode(', ', array_map(static fn(string $column): string => "\"{$column}\" = excluded.\"{$column}\"", $columns));
        $places = rtrim(str_repeat('?, ', \count($columns)), ', ');
        $statement = DB::connection()->getPdo()->prepare("INSERT INTO paints ({$names}) VALUES ({$places}) ON CONFLICT (id) DO UPDATE SET {$new}");
        foreach ($rows as $row) {
            $statement->execute(array_values($row));
        }
    }

    /** @return array<array-key, mixed> of all that stands on the rack, by id */
    private static function revisions(): array
    {
        return DB::table('paints')->whereNull('archived_at')->orderBy('id')->pluck('revision', 'id')->all();
    }

    /**
     * Whether a line of the table said nothing new.
     *
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     */
    private static function same(array $before, array $after): bool
    {
        $said = static fn(array $row): array => array_diff_key($row, ['revision' => 0, 'updated_at' => 0]);

        return $said($before) == $said($after);
    }

    /** @throws NotNow when a paint was changed or used since; nothing is undone then */
    public function undo(string $importId): Import
    {
        $import = Import::query()->findOrFail($importId);
        $brought = collect($import->paints)->keyBy('id');
        $added = $brought->whereNull('before')->keys();
        // Another state of them than any page has seen: so their revisions go on.
        $before = $brought->whereNotNull('before')
            ->map(static fn(array $one): array => ['revision' => $one['revision'] + 1] + (array) $one['before'])->all();

        return DB::transaction(static function () use ($import, $brought, $added, $before): Import {
            if (Import::query()->whereKey($import->id)->whereNull('undone_at')->doesntExist()) {
                return $import->forceFill(['undone_at' => now()]);
            }
            $since = [...self::changed($brought), ...self::used($added)];
            if ($since !== []) {
                throw NotNow::usedSince(array_values(array_unique($since)));
            }
            foreach ($added->chunk(self::ROWS) as $ids) {
                Paint::query()->whereKey($ids)->delete();
            }
            self::put($before);
            Import::query()->whereKey($import->id)->update(['undone_at' => now()]);

            return $import->forceFill(['undone_at' => now()]);
        });
    }

    /**
     * @param Collection<string, array{id: string, revision: int, before: array<string, mixed>|null}> $brought
     *
     * @return list<string> names of those that are no more as they were brought in
     */
    private static function changed(Collection $brought): array
    {
        $names = [];
        foreach ($brought->keys()->chunk(self::ROWS) as $ids) {
            $now = DB::table('paints')->whereIn('id', $ids)->pluck('revision', 'id')->all();
            $other = $ids->filter(static fn(string $id): bool => isset($now[$id]) && $now[$id] !== ($brought[$id]['revision'] ?? null));
            array_push($names, ...array_filter(Paint::query()->whereKey($other)->pluck('name')->all(), is_string(...)));
        }

        return $names;
    }

    /**
     * @param Collection<int, string> $added
     *
     * @return list<string> names of those that a pattern or a card needs by now
     */
    private static function used(Collection $added): array
    {
        $names = [];
        foreach ($added->chunk(self::ROWS) as $ids) {
            $used = Paint::query()->whereKey($ids)->where(static fn($q) => $q->whereHas('versions')->orWhereHas('cards'))->pluck('name');
            array_push($names, ...array_filter($used->all(), is_string(...)));
        }

        return $names;
    }
}
