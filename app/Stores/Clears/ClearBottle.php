<?php

declare(strict_types=1);

namespace App\Stores\Clears;

use Hawkbrush\Core\Clear\Product;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Node;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A clear of the shop. Of each kind one is in use.
 *
 * @property string $id
 * @property string $kind as recipes name it
 * @property string $name
 * @property array<string, mixed> $figures of its sheet
 * @property float $bottle_ml all its parts together
 * @property float $left_ml
 * @property float|null $price
 * @property Carbon|null $opened_on
 * @property int|null $keeps_months once it is opened
 * @property Carbon|null $expires_on of a bottle that is closed, or whatever its label says
 * @property bool $in_use
 * @property int $revision
 * @property Carbon|null $archived_at
 */
final class ClearBottle extends Model
{
    use HasUlids;

    public const USUAL_ML = 240.0;

    /** What a shop keeps of it beside its sheet, {@see Product::fields}. */
    public static function fields(): Fields
    {
        return new Fields(
            Field::text('name', 80),
            Field::number('bottle_ml', 1, 20_000)->or(self::USUAL_ML),
            Field::number('left_ml', 0, 20_000)->or(self::USUAL_ML),
            Field::number('price', 0, 100_000)->or(null),
            Field::date('opened_on')->or(null),
            Field::whole('keeps_months', 1, 120)->or(null),
            Field::date('expires_on')->or(null),
        );
    }

    protected $table = 'clears';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'figures' => 'array', 'bottle_ml' => 'float', 'left_ml' => 'float', 'price' => 'float', 'opened_on' => 'date',
            'keeps_months' => 'integer', 'expires_on' => 'date', 'in_use' => 'boolean', 'revision' => 'integer',
            'archived_at' => 'datetime',
        ];
    }

    public function product(): Product
    {
        return Product::read(Node::kept(['kind' => $this->kind] + $this->figures));
    }

    /** The last day on which it is good: by its date, or by how long it keeps once opened, whichever comes first; null: not known. */
    public function goodUntil(): ?Carbon
    {
        $days = array_filter([
            $this->expires_on,
            $this->keeps_months === null ? null : $this->opened_on?->copy()->addMonthsNoOverflow($this->keeps_months),
        ]);

        return $days === [] ? null : min($days);
    }

    /** @return array<string, self> those in use, by kind */
    public static function inUse(): array
    {
        $inUse = [];
        foreach (self::query()->where('in_use', true)->whereNull('archived_at')->get() as $one) {
            $inUse[$one->kind] = $one;
        }

        return $inUse;
    }
}
