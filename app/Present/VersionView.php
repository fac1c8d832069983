<?php

declare(strict_types=1);

namespace App\Present;

use App\Models\Preference;
use App\Models\Version;
use App\Stores\Bodies\BodyView;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Pattern\UsuallyNext;

/** A version of a pattern as the Pattern sheet shows it. */
final class VersionView
{
    /** @return array<string, mixed> as one of the versions of a pattern, with its body loaded */
    public static function brief(Version $version): array
    {
        return [
            'id' => $version->id, 'number' => $version->number, 'note' => $version->note, 'revision' => $version->revision,
            'fitted' => $version->fitted_from_id !== null,
            'body' => ['id' => $version->body_id, 'name' => $version->body->name],
            'steps' => \count($version->steps),
            'painted_at' => $version->painted_at?->toIso8601ZuluString(), 'proven_at' => $version->proven_at?->toIso8601ZuluString(),
            'proven_baits' => $version->proven_at === null ? 0 : $version->finishedBaits(),
        ];
    }

    /** @return array<string, mixed> */
    public static function of(Version $version, Recipe $recipe): array
    {
        return [
            'id' => $version->id,
            'pattern_id' => $version->pattern_id,
            'number' => $version->number,
            'revision' => $version->revision,
            'note' => $version->note,
            'painted_at' => $version->painted_at?->toIso8601ZuluString(),
            'proven_at' => $version->proven_at?->toIso8601ZuluString(),
            'proven_baits' => $version->proven_at === null ? 0 : $version->finishedBaits(),
            'fitted' => $version->fitted_from_id !== null,
            'can_undo' => $version->painted_at === null && $version->head > 0,
            'can_redo' => $version->painted_at === null && $version->edits()->where('seq', '>', $version->head)->exists(),
            'body' => BodyView::of($version->body),
            'usually_next' => UsuallyNext::after($recipe),
            'steps' => StepView::all($recipe, Preference::habits()),
        ];
    }
}
