<?php

declare(strict_types=1);

namespace App\Models;

use Hawkbrush\Core\Eye\Eye;
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

    public function core(): Eye
    {
        return new Eye($this->diameter_mm, $this->iris, self::known($this->pupil, Eye::PUPILS), self::known($this->kind, Eye::KINDS));
    }

    /**
     * @template T of string
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    private static function known(string $word, array $of): string
    {
        return \in_array($word, $of, true) ? $word : $of[0];
    }

    /** The card that an eye of a recipe is taken from: of its kind, size and pupil, the nearest iris first; null where none is kept. */
    public static function for(Eye $eye): ?self
    {
        return self::query()->whereNull('archived_at')
            ->where(['kind' => $eye->kind, 'pupil' => $eye->pupil, 'diameter_mm' => $eye->diameterMm])
            ->orderByRaw('iris <> ?', [$eye->irisHex])->orderByDesc('left')->first();
    }
}
