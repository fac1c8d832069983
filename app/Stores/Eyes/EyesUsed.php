<?php

declare(strict_types=1);

namespace App\Stores\Eyes;

use App\Models\Pattern;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/** The patterns whose version of now has an eye of some make. */
final class EyesUsed
{
    private const STEP = "json_extract(step.value, '$.kind') AS kind, json_extract(step.value, '$.pupil') AS pupil, "
        ."json_extract(step.value, '$.diameter_mm') AS mm";

    /** @return array<string, list<array{id: string, name: string}>> */
    public static function byMake(): array
    {
        $used = [];
        $steps = Pattern::query()->whereNull('retired_at')->orderBy('name')->orderBy('patterns.id')
            ->join('versions', 'versions.id', '=', 'patterns.current_id')
            ->join(DB::raw('json_each(versions.steps) AS step'), static fn(JoinClause $join) => $join->whereNotNull('step.value'))
            ->whereRaw("json_extract(step.value, '$.type') = 'eye'")
            ->selectRaw('patterns.id, patterns.name, '.self::STEP)
            ->toBase()->get();
        foreach ($steps as $step) {
            \assert(\is_string($step->id) && \is_string($step->name) && \is_string($step->kind) && \is_string($step->pupil));
            \assert(is_numeric($step->mm));
            $used[self::make($step->kind, $step->pupil, (float) $step->mm)][$step->id] = ['id' => $step->id, 'name' => $step->name];
        }

        return array_map(array_values(...), $used);
    }

    public static function make(string $kind, string $pupil, float $mm): string
    {
        return "{$kind}, {$pupil}, {$mm}";
    }
}
