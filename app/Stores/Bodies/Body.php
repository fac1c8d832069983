<?php

declare(strict_types=1);

namespace App\Stores\Bodies;

use Hawkbrush\Core\Body\Body as CoreBody;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Step\Prepare\Condition;
use Hawkbrush\Core\Step\Prepare\Fitting;
use Hawkbrush\Core\Step\Prepare\Preparation;
use Hawkbrush\Core\Step\TaskWork;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A kind of unpainted bait in the drawer.
 *
 * @property string $id
 * @property string $name
 * @property string $material
 * @property array<string, mixed> $form as in a recipe document
 * @property string $fingerprint
 * @property int $stock
 * @property string $condition one of {@see \Hawkbrush\Core\Step\Prepare\Condition}
 * @property list<string> $fittings
 * @property float|null $weight_g
 * @property int $revision
 * @property Carbon|null $archived_at
 * @property-read Collection<int, Lot> $lots
 */
final class Body extends Model
{
    use HasUlids;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'form' => 'array',
            'stock' => 'integer',
            'fittings' => 'array',
            'weight_g' => 'float',
            'revision' => 'integer',
            'archived_at' => 'datetime',
        ];
    }

    /** What a painter keeps of it beside its form and its fittings; of a form only what it names. */
    public static function fields(): Fields
    {
        return new Fields(
            CoreBody::fields()->of('name')->or(''),
            CoreBody::fields()->of('material'),
            Field::choice('condition', Condition::names())->or(''),
            Field::number('weight_g', 0.1, 5000)->or(null),
            Field::whole('stock', 0, 100_000)->or(0),
        );
    }

    /** @return HasMany<Lot, $this> */
    public function lots(): HasMany
    {
        return $this->hasMany(Lot::class)->orderBy('id');
    }

    /** @return list<TaskWork> what is done to it before the first coat */
    public function preparation(): array
    {
        return Preparation::steps(Condition::from($this->condition), array_map(Fitting::from(...), $this->fittings));
    }

    public function core(): CoreBody
    {
        return CoreBody::read(Node::kept(['name' => $this->name, 'material' => $this->material, ...$this->form]));
    }
}
