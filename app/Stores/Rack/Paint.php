<?php

declare(strict_types=1);

namespace App\Stores\Rack;

use App\Models\Sought;
use App\Models\Version;
use Hawkbrush\Core\Coat\Paint as CorePaint;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Node;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A bottle on the rack.
 *
 * @property string $id
 * @property string $name
 * @property string $kind
 * @property string $hex
 * @property string $family
 * @property float $solids
 * @property float $drop_ml
 * @property float $bottle_ml
 * @property float|null $price of a bottle
 * @property float $left_ml
 * @property bool $from_card
 * @property float $drying how many times as long as the model says it takes to dry
 * @property int $drying_runs how many runs have said so
 * @property string $finish
 * @property string $words what it is found by, in small letters
 * @property string|null $opened_on YYYY-MM-DD
 * @property list<array{paint: string, name: string, drops: int}>|null $mix what it was mixed from
 * @property array<string, list<float>> $optics
 * @property string $fingerprint
 * @property int|null $guess number of the model that guessed its optics, {@see \Hawkbrush\Core\Film\Unmeasured::MODEL}; null: none did
 * @property int $revision
 * @property Carbon|null $archived_at
 */
final class Paint extends Model
{
    use HasUlids;

    public const USUAL_ML = 30.0;

    public const MOST_ML = CorePaint::MOST_ML;

    protected $guarded = [];

    /** What a painter says of the bottle, beside the paint in it. */
    public static function bottle(): Fields
    {
        return new Fields(
            Field::text('finish', 40, 0)->or(''),
            Field::number('bottle_ml', 1, self::MOST_ML)->or(self::USUAL_ML),
            Field::number('left_ml', 0, self::MOST_ML)->or(self::USUAL_ML),
            Field::number('price', 0, 10_000)->or(null),
            Field::date('opened_on')->or(null),
        );
    }

    protected static function booted(): void
    {
        self::saving(static function (self $paint): void {
            $paint->words = Sought::folded("{$paint->name} {$paint->family} {$paint->finish} {$paint->kind}");
        });
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'solids' => 'float', 'drop_ml' => 'float', 'bottle_ml' => 'float', 'left_ml' => 'float', 'price' => 'float',
            'from_card' => 'boolean',
            'drying' => 'float',
            'drying_runs' => 'integer',
            'optics' => 'array',
            'revision' => 'integer',
            'archived_at' => 'datetime',
            'mix' => 'array',
            'guess' => 'integer',
        ];
    }

    /** @return HasMany<Card, $this> the latest first */
    public function cards(): HasMany
    {
        return $this->hasMany(Card::class)->orderByDesc('id');
    }

    /** @return BelongsToMany<Version, $this> */
    public function versions(): BelongsToMany
    {
        return $this->belongsToMany(Version::class);
    }

    /** @param array<string, list<float>>|null $optics other than its own */
    public function core(?array $optics = null): CorePaint
    {
        return CorePaint::read($this->id, Node::kept([
            'name' => $this->name, 'kind' => $this->kind, 'hex' => $this->hex, 'solids' => $this->solids,
            'drop_ml' => $this->drop_ml,
            'family' => $this->family,
            'from_card' => $this->from_card,
            'drying' => $this->drying,
            ...($optics ?? $this->optics),
        ]));
    }
}
