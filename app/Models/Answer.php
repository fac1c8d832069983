<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The answer to a write that carried an idempotency key.
 *
 * @property string $key
 * @property string $request fingerprint of what was asked
 * @property int $status
 * @property string $body as it was sent
 */
final class Answer extends Model
{
    public const UPDATED_AT = null;

    /** In place of a status: the write is kept, its answer is still being worked out. */
    public const NONE_YET = 0;

    public $incrementing = false;

    protected $primaryKey = 'key';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['status' => 'integer'];
    }
}
