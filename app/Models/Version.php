<?php

declare(strict_types=1);

namespace App\Models;

use App\Stores\Bodies\Body;
use App\Stores\Rack\Paint;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * One numbered state of a pattern: its body and its steps.
 *
 * @property string $id
 * @property string $pattern_id
 * @property int $number
 * @property string $body_id
 * @property list<array<string, mixed>> $steps as in a recipe document
 * @property string $note
 * @property int $revision
 * @property int $head
 * @property Carbon|null $painted_at
 * @property Carbon|null $proven_at
 * @property string|null $fitted_from_id the version that it is a copy of, made for the body or with the figures of one run
 * @property-read Pattern $pattern
 * @property-read Body $body
 */
final class Version extends Model
{
    use HasUlids;

    protected $guarded = [];

    protected static function booted(): void
    {
        // The newest is the one worked on; a copy for a run is not.
        self::created(static function (self $version): void {
            if ($version->fitted_from_id === null) {
                Pattern::query()->whereKey($version->pattern_id)->update(['current_id' => $version->id]);
            }
        });
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'number' => 'integer',
            'steps' => 'array',
            'revision' => 'integer',
            'head' => 'integer',
            'painted_at' => 'datetime',
            'proven_at' => 'datetime',
        ];
    }

    /** @return BelongsTo<Pattern, $this> */
    public function pattern(): BelongsTo
    {
        return $this->belongsTo(Pattern::class);
    }

    /** @return BelongsTo<Body, $this> */
    public function body(): BelongsTo
    {
        return $this->belongsTo(Body::class);
    }

    /** @return BelongsToMany<Paint, $this> */
    public function paints(): BelongsToMany
    {
        return $this->belongsToMany(Paint::class);
    }

    /** @return HasMany<Edit, $this> */
    public function edits(): HasMany
    {
        return $this->hasMany(Edit::class);
    }

    /** @return HasMany<Stamp, $this> */
    public function stamps(): HasMany
    {
        return $this->hasMany(Stamp::class)->orderBy('seq');
    }

    /** From now on it stays as it is, and so does what its paints do to light. */
    public function seal(): void
    {
        $this->update(['painted_at' => now()]);
        DB::table('paint_version')->where('version_id', $this->id)->update([
            'optics' => DB::raw('(SELECT optics FROM paints WHERE paints.id = paint_version.paint_id)'),
        ]);
    }

    /** @return array<string, array<string, list<float>>> by paint id, of a painted version: what its paints did when it was painted */
    public function sealedOptics(): array
    {
        if ($this->painted_at === null) {
            return [];
        }
        $optics = [];
        foreach (DB::table('paint_version')->where('version_id', $this->id)->pluck('optics', 'paint_id') as $paint => $kept) {
            if (\is_string($kept)) {
                /** @var array<string, list<float>> $curves */
                $curves = json_decode($kept, true, flags: JSON_THROW_ON_ERROR);
                $optics[(string) $paint] = $curves;
            }
        }

        return $optics;
    }

    /** How many finished baits were painted to it, on its body. */
    public function finishedBaits(): int
    {
        return Bait::query()->whereNull('rejected')->whereIn('run_id', $this->runs()->whereNotNull('finished_at')->select('id'))->count();
    }

    /** @return HasMany<Run, $this> */
    public function runs(): HasMany
    {
        return $this->hasMany(Run::class);
    }
}
