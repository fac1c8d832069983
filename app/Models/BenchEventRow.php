<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A bench event as it came in. Only ever added: the database refuses updates and deletes.
 *
 * @property int $seq
 * @property string $id given by the bench
 * @property string $run_id
 * @property array<string, mixed> $event
 */
final class BenchEventRow extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'bench_events';

    protected $primaryKey = 'seq';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seq' => 'integer', 'event' => 'array'];
    }
}
