<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One numbered lure of a run.
 *
 * @property string $id
 * @property int $number
 * @property string $run_id
 * @property int $position 1… within its run
 * @property string $lesson
 * @property int $revision
 * @property string|null $words what the log finds it by, {@see \App\Actions\Runs\LogWords}; null until its run is finished
 * @property string|null $rejected why it left its run, once that is finished
 * @property-read Run $run
 */
final class Bait extends Model
{
    use HasUlids;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['number' => 'integer', 'position' => 'integer', 'revision' => 'integer'];
    }

    /** @return BelongsTo<Run, $this> */
    public function run(): BelongsTo
    {
        return $this->belongsTo(Run::class);
    }

    public function label(): string
    {
        return \sprintf('H-%04d', $this->number);
    }
}
