<?php

declare(strict_types=1);

namespace App\Stores\Rack;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A card that taught the rack a paint, as it was read.
 *
 * @property string $id
 * @property string $paint_id
 * @property array<string, list<float>> $readings curves as seen: white, black, over_white, over_black
 * @property float $dry_um
 * @property string $seen
 * @property string $source
 * @property Carbon $created_at
 * @property-read Paint $paint
 */
final class Card extends Model
{
    use HasUlids;

    public const UPDATED_AT = null;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['readings' => 'array', 'dry_um' => 'float'];
    }

    /** @return BelongsTo<Paint, $this> */
    public function paint(): BelongsTo
    {
        return $this->belongsTo(Paint::class);
    }
}
