<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A version as it was after one edit, for undo and redo.
 *
 * @property string $version_id
 * @property int $seq
 * @property string $label what was done, in words
 * @property string $touched which fields of which step it set
 * @property Carbon $created_at
 * @property string $body_id
 * @property list<array<string, mixed>> $steps
 */
final class Edit extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seq' => 'integer', 'steps' => 'array'];
    }
}
