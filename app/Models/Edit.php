<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One edit of a version, for undo and redo. The first, with seq 0, is where it began.
 *
 * @property string $version_id
 * @property int $seq
 * @property string $label what was done, in words
 * @property string $touched which fields of which step it set
 * @property Carbon $created_at
 * @property string $body_id
 * @property list<mixed> $forth what it changed, as a JSON Patch of the steps before it
 * @property list<mixed> $back the way back
 * @property string|null $key given by the page: the same edit sent again is known by it
 */
final class Edit extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seq' => 'integer', 'forth' => 'array', 'back' => 'array'];
    }
}
