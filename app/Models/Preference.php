<?php

declare(strict_types=1);

namespace App\Models;

use Hawkbrush\Core\Drying\Climate;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/**
 * The shop's settings: units and the room. One row.
 *
 * @property int $id
 * @property array<string, string|float|int> $values
 */
final class Preference extends Model
{
    public const DEFAULTS = [
        'length' => 'mm', 'pressure' => 'psi', 'volume' => 'drops', 'temperature' => 'C',
        'air_c' => 21.0, 'humidity_percent' => 50.0, 'daily_backup' => 'on',
    ];

    public $incrementing = false;

    protected $table = 'settings';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['values' => 'array'];
    }

    /**
     * Sets some of them; of two at the same time, each keeps what it set.
     *
     * @param array<string, string|float|int> $change
     *
     * @return array<string, string|float|int> all of them now
     */
    public static function change(array $change): array
    {
        return DB::transaction(static function () use ($change): array {
            $values = [...self::current(), ...$change];
            self::query()->updateOrCreate(['id' => 1], ['values' => $values]);

            return $values;
        });
    }

    /** The air of the room as it stands at the top of every page. */
    public static function room(): Climate
    {
        $values = self::current();

        return Climate::of((float) $values['air_c'], (float) $values['humidity_percent']);
    }

    /** @return array<string, string|float|int> */
    public static function current(): array
    {
        return [...self::DEFAULTS, ...(self::query()->find(1)->values ?? [])];
    }
}
