<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Body;
use App\Models\Version;

/** A new version of the same pattern, from the steps of another. */
final class CopyVersion
{
    /** @param list<array<string, mixed>>|null $steps null: the same steps */
    public function of(Version $version, ?array $steps = null, ?Body $body = null, string $note = ''): Version
    {
        $highest = Version::query()->where('pattern_id', $version->pattern_id)->max('number');
        $new = Version::query()->create([
            'pattern_id' => $version->pattern_id,
            'number' => (is_numeric($highest) ? (int) $highest : 0) + 1,
            'body_id' => $body->id ?? $version->body_id,
            'steps' => $steps ?? $version->steps,
            'note' => $note,
        ]);
        $new->paints()->sync($version->paints()->pluck('paints.id')->all());

        return $new->refresh()->load(['pattern', 'body']);
    }
}
