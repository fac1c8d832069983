<?php

declare(strict_types=1);

namespace App\Stores\Rack;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A table that was brought into the rack, with what it did there.
 *
 * @property string $id
 * @property list<array{id: string, revision: int, before: array<string, mixed>|null}> $paints
 * @property Carbon|null $undone_at
 */
final class Import extends Model
{
    use HasUlids;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['paints' => 'array', 'undone_at' => 'datetime'];
    }
}
