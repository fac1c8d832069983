<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The shop's settings: units and the room. One row.
 *
 * @property int $id
 * @property array<string, string|float|int> $values
 */
final class Setting extends Model
{
    public const DEFAULTS = [
        'length' => 'mm', 'pressure' => 'psi', 'volume' => 'drops', 'temperature' => 'C',
        'air_c' => 21.0, 'humidity_percent' => 50.0,
    ];

    public $incrementing = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['values' => 'array'];
    }

    /** @return array<string, string|float|int> */
    public static function current(): array
    {
        return [...self::DEFAULTS, ...(self::query()->find(1)->values ?? [])];
    }
}
