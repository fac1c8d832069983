<?php

declare(strict_types=1);

namespace App\Stores\Rack;

use App\Keeping\Shared;
use App\Models\Pattern;
use App\Models\Sought;
use App\Present\Chip;
use Hawkbrush\Core\Film\Unmeasured;
use Hawkbrush\Core\Node;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** A paint as the pages show it, its chip as an ordinary coat lies over black and over white. */
final class PaintView
{
    /** How many of the versions worked on last count for what was used lately. */
    private const LATELY = 40;

    /** @return array<string, mixed> */
    public static function of(Paint $paint): array
    {
        return self::all(new Collection([$paint]))[0];
    }

    /**
     * @param Collection<int, Paint> $paints
     *
     * @return list<array<string, mixed>>
     */
    public static function all(Collection $paints): array
    {
        $used = self::usedIn($paints->modelKeys());
        $at = self::usedAt();

        return array_values($paints->map(static fn(Paint $paint): array => self::with(
            $paint,
            $used[$paint->id] ?? 0,
            $at[$paint->id] ?? null,
        ))->all());
    }

    /**
     * Paints that match every word of `q`, or that are used in a pattern that does.
     *
     * @return Builder<Paint>
     */
    public static function sought(Node $asked): Builder
    {
        if (Sought::words($asked) === []) {
            return Paint::query();
        }
        $ofPatterns = DB::table('paint_version')->whereIn('version_id', Sought::in(Pattern::query(), $asked, 'words')->select('current_id'));

        return Paint::query()->where(static fn(Builder $paint): Builder => $paint
            ->where(static fn(Builder $its): Builder => Sought::in($its, $asked, 'words'))
            ->orWhereIn('id', $ofPatterns->select('paint_id')));
    }

    /**
     * @param array<array-key, mixed> $paintIds
     *
     * @return array<string, int> by paint, how many patterns are painted with it in the version worked on
     */
    private static function usedIn(array $paintIds): array
    {
        $used = [];
        $rows = DB::table('paint_version')->join('patterns', 'patterns.current_id', '=', 'paint_version.version_id')
            ->whereIn('paint_version.paint_id', $paintIds)->groupBy('paint_id')->selectRaw('paint_id as paint, count(*) as patterns')->get();
        foreach ($rows as $row) {
            /** @var object{paint: string, patterns: int} $row */
            $used[$row->paint] = $row->patterns;
        }

        return $used;
    }

    /** @return array<string, string> when a version with it was last worked on, by paint; of the versions worked on last */
    private static function usedAt(): array
    {
        $lately = DB::table('versions')->orderByDesc('updated_at')->limit(self::LATELY)->select('id', 'updated_at');
        $at = [];
        $rows = DB::query()->fromSub($lately, 'lately')->join('paint_version', 'paint_version.version_id', '=', 'lately.id')
            ->groupBy('paint_id')->selectRaw('paint_id as paint, max(lately.updated_at) as at')->get();
        foreach ($rows as $row) {
            /** @var object{paint: string, at: string} $row */
            $at[$row->paint] = $row->at;
        }

        return $at;
    }

    /**
     * @param int $usedIn patterns
     *
     * @return array<string, mixed>
     */
    private static function with(Paint $paint, int $usedIn, ?string $usedAt): array
    {
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
            'chip' => self::chip($paint),
        ];
    }

    /** @return array<string, mixed> as an ordinary coat of it lies over black and over white */
    private static function chip(Paint $paint): array
    {
        $optics = $paint->getRawOriginal('optics');

        return (new Shared())->remember(
            'chip'.md5($paint->kind.(\is_string($optics) ? $optics : '')),
            static function () use ($paint): array {
                $core = $paint->core();

                return Chip::of($core->optics, $core->kind->ordinaryCoatUm());
            },
        );
    }
}
