<?php

declare(strict_types=1);

namespace App\Actions\Rack;

use App\Exceptions\NotNow;
use App\Models\Import;
use App\Models\Paint;
use Hawkbrush\Core\Exchange\Bottle;
use Illuminate\Support\Facades\DB;

/** Brings the rack up to date from a table, and takes that back as one. */
final readonly class ImportRack
{
    public function __construct(private SavePaint $save) {}

    /**
     * Bottles known by name are brought up to date, others are added; all of it or nothing.
     *
     * @param list<Bottle> $bottles
     */
    public function bring(array $bottles): Import
    {
        return DB::transaction(function () use ($bottles): Import {
            $did = [];
            foreach ($bottles as $bottle) {
                $known = Paint::query()->where('name', $bottle->name)->whereNull('archived_at')->first();
                $before = $known?->getRawOriginal();
                $paint = $this->save->fromBottle($bottle, $known);
                if ($before !== null && self::same($before, $paint->getRawOriginal())) {
                    continue;
                }
                // A name that stands twice in the table is one bottle: what was there before the first line counts.
                $did[$paint->id] = [
                    'id' => $paint->id,
                    'revision' => $paint->revision,
                    'before' => \array_key_exists($paint->id, $did) ? $did[$paint->id]['before'] : $before,
                ];
            }

            return Import::query()->create(['paints' => array_values($did)]);
        });
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
        return DB::transaction(static function () use ($importId): Import {
            $import = Import::query()->findOrFail($importId);
            if ($import->undone_at !== null) {
                return $import;
            }
            $since = [];
            foreach ($import->paints as ['id' => $id, 'revision' => $revision, 'before' => $before]) {
                $paint = Paint::query()->findOrFail($id);
                if ($paint->revision !== $revision || $before === null && ($paint->versions()->exists() || $paint->cards()->exists())) {
                    $since[] = $paint->name;
                } elseif ($before === null) {
                    $paint->delete();
                } else {
                    // Another state of it than any page has seen: so its revision goes on.
                    DB::table('paints')->where('id', $id)->update(['revision' => $revision + 1] + $before);
                }
            }
            if ($since !== []) {
                throw NotNow::usedSince($since);
            }
            $import->update(['undone_at' => now()]);

            return $import;
        });
    }
}
