<?php

declare(strict_types=1);

namespace App\Actions\Runs;

use App\Exceptions\NotNow;
use App\Models\Run;
use App\Models\Version;
use Illuminate\Support\Facades\DB;

/** Deletes the plan of a run that was never started, with the copy of its pattern that was fitted for it. */
final class DropPlan
{
    /** @throws NotNow when it was started: what was painted stays */
    public function drop(string $runId): void
    {
        DB::transaction(static function () use ($runId): void {
            $run = Run::query()->with('version')->findOrFail($runId);
            if ($run->started_at !== null) {
                throw NotNow::runStarted();
            }
            $version = $run->version;
            $run->delete();
            $others = Run::query()->where('version_id', $version->id)->exists()
                || Version::query()->where('fitted_from_id', $version->id)->exists();
            if ($version->fitted_from_id !== null && ! $others) {
                $version->delete();
            }
        });
    }
}
