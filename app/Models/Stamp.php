<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A stamp put on a version by one of its baits, or taken off again. Only ever added: the database refuses the rest.
 *
 * @property int $seq
 * @property string $version_id
 * @property string $bait_id
 * @property bool $on
 * @property string $reason why it was taken off
 * @property Carbon $created_at
 * @property-read Bait $bait
 */
final class Stamp extends Model
{
    public const UPDATED_AT = null;

    protected $primaryKey = 'seq';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seq' => 'integer', 'on' => 'boolean'];
    }

    /** @return BelongsTo<Bait, $this> */
    public function bait(): BelongsTo
    {
        return $this->belongsTo(Bait::class);
    }
}
