<?php

declare(strict_types=1);

namespace App\Present;

use App\Models\Paint;
use Hawkbrush\Core\Film\Unmeasured;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** A paint as the pages show it, its chip as an ordinary coat lies over black and over white. */
final class PaintView
{
    /** @return array<string, mixed> */
    public static function of(Paint $paint): array
    {
        return self::with($paint, self::usedIn($paint->id)[$paint->id] ?? [], self::usedAt($paint->id)[$paint->id] ?? null);
    }

    /** @return list<array<string, mixed>> the whole rack by name */
    public static function all(): array
    {
        $used = self::usedIn(null);
        $at = self::usedAt(null);

        return array_values(Paint::query()->orderBy('name')->get()->map(static fn(Paint $paint): array => self::with(
            $paint,
            $used[$paint->id] ?? [],
            $at[$paint->id] ?? null,
        ))->all());
    }

    /**
     * Patterns whose version worked on uses a paint.
     *
     * @return array<string, list<array{id: string, name: string}>> by paint
     */
    private static function usedIn(?string $paintId): array
    {
        $used = [];
        $rows = DB::table('paint_version')->join(
            'versions',
            'versions.id',
            '=',
            'paint_version.version_id',
        )->join('patterns', 'patterns.id', '=', 'versions.pattern_id')
            ->whereNull('versions.fitted_from_id')
            ->whereRaw('versions.number = (select max(number) from versions latest where latest.pattern_id = versions.pattern_id)')
            ->when($paintId !== null, static fn(Builder $query): Builder => $query->where('paint_version.paint_id', $paintId))
            ->orderBy('patterns.name')->get(['paint_version.paint_id as paint', 'patterns.id as id', 'patterns.name as name']);
        foreach ($rows as $row) {
            /** @var object{paint: string, id: string, name: string} $row */
            $used[$row->paint][] = ['id' => $row->id, 'name' => $row->name];
        }

        return $used;
    }

    /** @return array<string, string> when a version with it was last worked on, by paint */
    private static function usedAt(?string $paintId): array
    {
        $at = [];
        $rows = DB::table('paint_version')->join('versions', 'versions.id', '=', 'paint_version.version_id')
            ->when($paintId !== null, static fn(Builder $query): Builder => $query->where('paint_id', $paintId))
            ->groupBy('paint_id')->selectRaw('paint_id as paint, max(versions.updated_at) as at')->get();
        foreach ($rows as $row) {
            /** @var object{paint: string, at: string} $row */
            $at[$row->paint] = $row->at;
        }

        return $at;
    }

    /**
     * @param list<array{id: string, name: string}> $usedIn
     *
     * @return array<string, mixed>
     */
    private static function with(Paint $paint, array $usedIn, ?string $usedAt): array
    {
        $core = $paint->core();

        return [
            'id' => $paint->id,
            'name' => $paint->name,
            'kind' => $paint->kind,
            'hex' => $paint->hex,
            'family' => $paint->family,
            'finish' => $paint->finish,
            'solids' => $paint->solids,
            'drop_ml' => $paint->drop_ml,
            'bottle_ml' => $paint->bottle_ml,
            'left_ml' => $paint->left_ml,
            'price' => $paint->price,
            'opened_on' => $paint->opened_on,
            'from_card' => $paint->from_card,
            'guessed_before' => $paint->guess !== null && $paint->guess < Unmeasured::MODEL,
            'drying' => round($paint->drying, 3),
            'drying_runs' => $paint->drying_runs,
            'mix' => $paint->mix,
            'used_in' => $usedIn,
            'used_at' => $usedAt,
            'archived' => $paint->archived_at !== null,
            'revision' => $paint->revision,
            'chip' => Chip::of($core->optics, $core->kind->ordinaryCoatUm()),
        ];
    }
}
