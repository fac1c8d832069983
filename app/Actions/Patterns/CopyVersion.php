<?php

declare(strict_types=1);

namespace App\Actions\Patterns;

use App\Models\Version;
use App\Stores\Bodies\Body;
use Illuminate\Support\Facades\DB;

/** A copy of a version within its pattern. */
final class CopyVersion
{
    /** The next version, to be worked on. */
    public function next(Version $version, string $note = ''): Version
    {
        $highest = Version::query()->where('pattern_id', $version->pattern_id)->max('number');

        return $this->copy($version, ['number' => (is_numeric($highest) ? (int) $highest : 0) + 1, 'note' => $note]);
    }

    /** The next version, made of an older one or of a copy that belongs to a run. */
    public function goOn(Version $from): Version
    {
        $note = "from version {$from->number}".($from->fitted_from_id === null ? '' : ", {$from->note}");

        return DB::transaction(fn(): Version => $this->next($from, mb_substr($note, 0, 250)));
    }

    /**
     * A copy that belongs to a run: for its body, with its figures. It bears the number of the version it comes from.
     *
     * @param list<array<string, mixed>> $steps
     */
    public function fitted(Version $version, array $steps, Body $body, string $note): Version
    {
        return $this->copy(
            $version,
            [
                'number' => $version->number,
                'fitted_from_id' => $version->fitted_from_id ?? $version->id,
                'steps' => $steps,
                'body_id' => $body->id,
                'note' => $note,
            ],
        );
    }

    /** @param array<string, mixed> $with */
    private function copy(Version $version, array $with): Version
    {
        $new = Version::query()->create($with + [
            'pattern_id' => $version->pattern_id,
            'body_id' => $version->body_id,
            'steps' => $version->steps,
        ]);
        $new->paints()->sync($version->paints()->pluck('paints.id')->all());

        return $new->refresh()->load(['pattern', 'body']);
    }
}
