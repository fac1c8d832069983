<?php

declare(strict_types=1);

namespace App\Stores\Bodies;

use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * Bodies bought together.
 *
 * @property string $id
 * @property string $body_id
 * @property string $supplier
 * @property int $count
 * @property float|null $price of one body
 * @property Carbon|null $bought_on
 * @property-read Body $body
 */
final class Lot extends Model
{
    use HasUlids;

    protected $guarded = [];

    public static function fields(): Fields
    {
        return new Fields(
            Field::whole('count', 1, 10_000),
            Field::text('supplier', 80, 0)->or(''),
            Field::number('price', 0, 100_000)->or(null),
            Field::date('bought_on')->or(null),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['count' => 'integer', 'price' => 'float', 'bought_on' => 'date'];
    }

    /** @return BelongsTo<Body, $this> */
    public function body(): BelongsTo
    {
        return $this->belongsTo(Body::class);
    }

    /** @return HasMany<Inspection, $this> */
    public function inspections(): HasMany
    {
        return $this->hasMany(Inspection::class)->orderBy('seq');
    }

    /** @return array<int, Inspection> what was said last of each bait looked over, by its number in the lot */
    public function lookedOver(): array
    {
        $last = [];
        foreach ($this->inspections as $inspection) {
            $last[$inspection->number] = $inspection;
        }
        ksort($last);

        return $last;
    }
}
