<?php

declare(strict_types=1);

namespace App\Models;

use Hawkbrush\Core\Air\CleanFigures;
use Hawkbrush\Core\Air\Nozzle;
use Hawkbrush\Core\Clear\Product;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Drying\Dryer;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\BenchEvents;
use Hawkbrush\Core\Run\Record;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Shop\Shop;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * Painting one or more baits to a version.
 *
 * @property string $id
 * @property int $number
 * @property string $version_id
 * @property string|null $repeat_of bait whose figures it repeats
 * @property int $bait_count
 * @property float $air_c
 * @property float $humidity_percent
 * @property array<string, mixed> $recipe
 * @property list<array<string, mixed>> $changes against the master
 * @property array<string, mixed>|null $rig airbrush, dryer, habits and cleaning as planned; null: planned before there were any
 * @property Carbon $starts_at
 * @property Carbon|null $started_at
 * @property Carbon|null $finished_at
 * @property-read Version $version
 * @property-read Bait|null $master
 * @property-read Collection<int, BenchEventRow> $events
 */
final class Run extends Model
{
    use HasUlids;

    protected $guarded = [];

    private ?Recipe $read = null;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'number' => 'integer', 'bait_count' => 'integer', 'air_c' => 'float', 'humidity_percent' => 'float', 'recipe' => 'array',
            'changes' => 'array', 'rig' => 'array', 'starts_at' => 'datetime', 'started_at' => 'datetime', 'finished_at' => 'datetime',
        ];
    }

    /** @return BelongsTo<Version, $this> */
    public function version(): BelongsTo
    {
        return $this->belongsTo(Version::class);
    }

    /** @return BelongsTo<Bait, $this> */
    public function master(): BelongsTo
    {
        return $this->belongsTo(Bait::class, 'repeat_of');
    }

    /** @return HasMany<Bait, $this> */
    public function baits(): HasMany
    {
        return $this->hasMany(Bait::class)->orderBy('position');
    }

    /** @return HasMany<BenchEventRow, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(BenchEventRow::class)->orderBy('seq');
    }

    /** Begun, and not finished. */
    public function atBench(): bool
    {
        return $this->started_at !== null && $this->finished_at === null;
    }

    public function core(): Recipe
    {
        return $this->read ??= RecipeReader::read(Node::kept($this->recipe));
    }

    public function climate(): Climate
    {
        $room = Climate::of($this->air_c, $this->humidity_percent);
        $dryer = Node::kept($this->rig ?? [])->optional('dryer');

        return $dryer === null ? $room : $room->with(Dryer::read($dryer));
    }

    /** The shop as it was when the run was planned. */
    public function shop(): Shop
    {
        $rig = Node::kept($this->rig ?? []);
        $nozzle = $rig->optional('airbrush')?->optional('nozzle_mm')?->number();

        return new Shop(
            $this->climate(),
            $nozzle === null ? Nozzle::ordinary() : new Nozzle($nozzle),
            $rig->has('habits') ? Habits::read($rig->field('habits')) : Habits::usual(),
            $rig->has('clean') ? CleanFigures::read($rig->field('clean')) : CleanFigures::usual(),
            array_map(Product::read(...), $this->clears()),
        );
    }

    /** @return array<string, Node> the clears of the shop as they were, by kind */
    public function clears(): array
    {
        return Node::kept($this->rig ?? [])->optional('clears')?->fields() ?? [];
    }

    /** Whether one side of every bait is sprayed before all are turned; bait by bait in runs planned before this setting existed. */
    public function oneSideOfAll(): bool
    {
        return $this->rig !== null && ! $this->shop()->habits->baitByBait();
    }

    /** The airbrush it is sprayed with, as far as is known. */
    public function airbrushId(): ?string
    {
        return Node::kept($this->rig ?? [])->optional('airbrush')?->optional('id')?->text();
    }

    public function record(): Record
    {
        return Record::fold($this->core(), $this->bait_count, $this->happened(), $this->oneSideOfAll());
    }

    /** @return list<BenchEvent> what happened at the bench, in its order */
    public function happened(): array
    {
        $rows = $this->relationLoaded('events') ? $this->events : $this->events()->get();

        return array_values(
            $rows->map(static fn(BenchEventRow $row): BenchEvent => BenchEvents::read(Node::kept($row->event)))->all(),
        );
    }
}
