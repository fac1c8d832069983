<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * The last reading of an instrument that was believed.
 *
 * @property string $instrument
 * @property array<string, float> $figures
 * @property Carbon $read_at
 */
final class Reading extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $primaryKey = 'instrument';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['figures' => 'array', 'read_at' => 'datetime'];
    }
}
