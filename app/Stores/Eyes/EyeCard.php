<?php

declare(strict_types=1);

namespace App\Stores\Eyes;

use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Node;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Eyes of one make on their card, single ones counted.
 *
 * @property string $id
 * @property string $name
 * @property string $kind
 * @property float $diameter_mm
 * @property string $iris #rrggbb
 * @property string $pupil
 * @property int $left
 * @property float|null $price of one
 * @property int $revision
 * @property Carbon|null $archived_at
 */
final class EyeCard extends Model
{
    use HasUlids;

    protected $table = 'eyes';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'diameter_mm' => 'float', 'left' => 'integer', 'price' => 'float', 'revision' => 'integer', 'archived_at' => 'datetime',
        ];
    }

    /** What a painter says of them. */
    public static function fields(): Fields
    {
        return Eye::fields()->with(
            Field::text('name', 80),
            Field::whole('left', 0, 100_000)->or(0),
            Field::number('price', 0, 1000)->or(null),
        );
    }

    public function core(): Eye
    {
        return Eye::read(Eye::fields()->among(Node::kept($this->getAttributes())));
    }

    /** The card that an eye of a recipe is taken from: of its kind, size and pupil, the nearest iris first; null where none is kept. */
    public static function for(Eye $eye): ?self
    {
        return self::query()->whereNull('archived_at')
            ->where(['kind' => $eye->kind, 'pupil' => $eye->pupil, 'diameter_mm' => $eye->diameterMm])
            ->orderByRaw('iris <> ?', [$eye->irisHex])->orderByDesc('left')->first();
    }
}
