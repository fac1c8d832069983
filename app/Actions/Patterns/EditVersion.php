<?php

declare(strict_types=1);

namespace App\Actions\Patterns;

use App\Exceptions\Conflict;
use App\Exceptions\NotNow;
use App\Keeping\StepPatch;
use App\Models\Edit;
use App\Models\Version;
use App\Present\VersionView;
use App\Stores\Bodies\Body;
use App\Stores\Rack\ReadMix;
use Hawkbrush\Core\Change\Changes;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Step\Steps;
use Illuminate\Support\Facades\DB;

/**
 * Edits a version; undoes and redoes. A painted version never changes: the edit goes into a
 * new one. An edit made on a revision that has moved on is refused with both sides.
 */
final readonly class EditVersion
{
    public function __construct(
        private ReadRecipe $read,
        private CopyVersion $copy,
        private ReadMix $mix,
    ) {}

    /**
     * @param string|null $key given by the page: an edit that is known by it was kept already, and is answered so again
     * @param string|null $extends key of the edit that the painter was still at: where both set the same fields, they are one
     *
     * @throws Refused when the change cannot be worked with
     * @throws Conflict when the version has moved on
     * @throws NotNow when it is a copy that belongs to a run
     */
    public function edit(string $versionId, int $revision, Node $change, ?string $key = null, ?string $extends = null): Edited
    {
        return DB::transaction(function () use ($versionId, $revision, $change, $key, $extends): Edited {
            $kept = $key === null ? null : $this->keptAs($versionId, $key);
            if ($kept !== null) {
                return new Edited($kept, $this->read->fromVersion($kept));
            }
            $version = $this->at($versionId, $revision, $change->raw());
            if ($version->painted_at !== null) {
                $this->refuseOlder($version, $change->raw());
                $version = $this->copy->next($version);
            }
            $changed = Changes::read($change)->applyTo($this->read->fromVersion($version), new ShopOfVersion($version, $this->mix));
            $body = $changed->bodyId === null ? $version->body : Body::query()->findOrFail($changed->bodyId);
            $touched = $changed->touched?->key() ?? '';
            $before = $extends === null ? null : $this->extended($version, $extends, $touched);
            $steps = array_map(Steps::write(...), $changed->recipe->steps);
            $this->save($version, $body, $steps, $changed->label, $touched, $key, $before);

            return new Edited($version, $changed->recipe, $changed->told);
        });
    }

    /**
     * The version as a change would make it; nothing is kept.
     *
     * @throws Refused when the change cannot be worked with
     */
    public function tried(Version $version, Node $change): Recipe
    {
        $recipe = $this->read->from($version->pattern, $version->body, $version->steps);

        return Changes::read($change)->applyTo($recipe, new ShopOfVersion($version, $this->mix))->recipe;
    }

    /** @throws Refused when there is nothing to undo */
    public function undo(string $versionId, int $revision): Edited
    {
        return $this->go($versionId, $revision, -1, 'There is nothing left to undo.');
    }

    /** @throws Refused when there is nothing to redo */
    public function redo(string $versionId, int $revision): Edited
    {
        return $this->go($versionId, $revision, 1, 'There is nothing to redo.');
    }

    private function go(string $versionId, int $revision, int $by, string $nothing): Edited
    {
        return DB::transaction(function () use ($versionId, $revision, $by, $nothing): Edited {
            $version = $this->at($versionId, $revision, $by < 0 ? 'undo' : 'redo');
            if ($version->painted_at !== null) {
                throw Refused::because('This version was painted and never changes.');
            }
            $edit = $version->edits()->where('seq', $version->head + $by)->first() ?? throw Refused::because($nothing);
            $body = $edit->body_id === $version->body_id ? $version->body : Body::query()->findOrFail($edit->body_id);
            // Back over the edit that was made last, or forward over the next.
            $patch = $by < 0 ? $version->edits()->where('seq', $version->head)->firstOrFail()->back : $edit->forth;
            $this->settle($version, $body, ['steps' => StepPatch::apply($version->steps, $patch), 'head' => $edit->seq]);

            return new Edited($version, $this->read->fromVersion($version));
        });
    }

    /** @param list<array<string, mixed>> $steps */
    private function save(Version $version, Body $body, array $steps, string $label, string $touched, ?string $key, ?Edit $last): void
    {
        if ($last !== null) {
            $before = StepPatch::apply($version->steps, $last->back);
            $last->update([...self::between($before, $steps), 'key' => $key]);
            $this->settle($version, $body, ['steps' => $steps]);

            return;
        }
        if ($version->head === 0 && $version->edits()->doesntExist()) {
            Edit::query()->create([
                'version_id' => $version->id,
                'seq' => 0,
                'label' => 'start',
                'body_id' => $version->body_id,
                'forth' => [],
                'back' => [],
            ]);
        }
        $version->edits()->where('seq', '>', $version->head)->delete();
        Edit::query()->create([
            'version_id' => $version->id,
            'seq' => $version->head + 1,
            'label' => $label,
            'touched' => $touched,
            'body_id' => $body->id,
            'key' => $key,
            ...self::between($version->steps, $steps),
        ]);
        $this->settle($version, $body, ['steps' => $steps, 'head' => $version->head + 1]);
    }

    /**
     * @param list<array<string, mixed>> $before
     * @param list<array<string, mixed>> $after
     *
     * @return array{forth: list<mixed>, back: list<mixed>}
     */
    private static function between(array $before, array $after): array
    {
        return ['forth' => StepPatch::between($before, $after), 'back' => StepPatch::between($after, $before)];
    }

    /** Typing a figure saves it digit by digit; undone, it goes back to what it was before the first. The edit of that key, if it goes on. */
    private function extended(Version $version, string $key, string $touched): ?Edit
    {
        $last = $touched === '' ? null : $version->edits()->where('seq', $version->head)->where('key', $key)->first();

        return $last?->touched === $touched && $version->edits()->where('seq', '>', $version->head)->doesntExist() ? $last : null;
    }

    /** The version that an edit with this key went into: this one, or the one that was made because this one was painted. */
    private function keptAs(string $versionId, string $key): ?Version
    {
        return Version::query()->with(['pattern', 'body'])
            ->whereIn('pattern_id', Version::query()->whereKey($versionId)->select('pattern_id'))
            ->whereIn('id', Edit::query()->where('key', $key)->select('version_id'))
            ->first();
    }

    /** @param array{steps: list<array<string, mixed>>, head?: int} $to */
    private function settle(Version $version, Body $body, array $to): void
    {
        $paints = $this->read->paintIds($version->steps);
        $version->update([...$to, 'body_id' => $body->id, 'revision' => $version->revision + 1]);
        $version->setRelation('body', $body);
        if ($this->read->paintIds($to['steps']) !== $paints) {
            $version->paints()->sync($this->read->paintIds($to['steps']));
        }
        $version->pattern->touch();
    }

    private function at(string $versionId, int $revision, mixed $yours): Version
    {
        $version = Version::query()->with(['pattern', 'body'])->findOrFail($versionId);
        if ($version->fitted_from_id !== null) {
            throw NotNow::fittedCopy();
        }
        if ($version->revision !== $revision) {
            throw $this->conflict('This version was changed elsewhere, in another tab perhaps. Yours was not saved; look at both and do it again.', $version, $yours);
        }

        return $version;
    }

    /** Refuses an edit of a painted version when a newer version exists that the editor has not seen. */
    private function refuseOlder(Version $version, mixed $yours): void
    {
        $newest = Version::query()->with(['pattern', 'body'])->where(
            'pattern_id',
            $version->pattern_id,
        )->where('number', '>', $version->number)->orderByDesc('number')->first();
        if ($newest !== null) {
            throw $this->conflict("Version {$version->number} was painted and never changes, and there is a version {$newest->number} now. Yours was not saved; look at both and do it again.", $newest, $yours);
        }
    }

    private function conflict(string $message, Version $current, mixed $yours): Conflict
    {
        return new Conflict($message, VersionView::of($current, $this->read->fromVersion($current)), $yours);
    }
}
