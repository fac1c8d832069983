<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasManyThrough;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * A named recipe for one look.
 *
 * @property string $id
 * @property string $name
 * @property string $species
 * @property string $water
 * @property string $notes
 * @property string $words what it is found by, in small letters
 * @property string|null $current_id the version worked on; set as soon as there is one
 * @property int $revision
 * @property Carbon|null $retired_at
 * @property string|null $parent_id
 * @property-read Version $current
 * @property-read Version|null $proven
 * @property-read Pattern|null $parent the pattern it is a variant of
 */
final class Pattern extends Model
{
    use HasUlids;

    protected $guarded = [];

    protected static function booted(): void
    {
        self::saving(static function (self $pattern): void {
            $pattern->words = Sought::folded("{$pattern->name} {$pattern->species} {$pattern->water}");
        });
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['revision' => 'integer', 'retired_at' => 'datetime'];
    }

    /** @return HasMany<Version, $this> its own and the copies fitted for runs */
    public function versions(): HasMany
    {
        return $this->hasMany(Version::class);
    }

    /** @return BelongsTo<Version, $this> the version worked on: the newest one, never a copy fitted for a run */
    public function current(): BelongsTo
    {
        return $this->belongsTo(Version::class, 'current_id');
    }

    /** @return HasOne<Version, $this> the version stamped last */
    public function proven(): HasOne
    {
        return $this->hasOne(Version::class)->ofMany(
            ['proven_at' => 'max'],
            static fn(Builder $query): Builder => $query->whereNotNull('proven_at'),
        );
    }

    /** @return BelongsTo<self, $this> */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(self::class, 'parent_id');
    }

    /** @return HasMany<ReferencePhoto, $this> reference photographs */
    public function pictures(): HasMany
    {
        return $this->hasMany(ReferencePhoto::class)->whereNull('removed_at')->orderBy('id');
    }

    /** @return HasManyThrough<Run, Version, $this> */
    public function runs(): HasManyThrough
    {
        return $this->hasManyThrough(Run::class, Version::class);
    }
}
