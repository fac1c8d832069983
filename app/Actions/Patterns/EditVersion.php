<?php

declare(strict_types=1);

namespace App\Actions\Patterns;

use App\Actions\Named;
use App\Exceptions\Conflict;
use App\Exceptions\NotNow;
use App\Keeping\StepPatch;
use App\Models\Body;
use App\Models\Edit;
use App\Models\Version;
use App\Present\VersionView;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Pattern\Scaling;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Step\Prepare\Preparation;
use Hawkbrush\Core\Step\Step;
use Hawkbrush\Core\Step\Steps;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Techniques;
use Illuminate\Support\Facades\DB;

/**
 * Edits a version; undoes and redoes. A painted version never changes: the edit goes into a
 * new one. An edit made on a revision that has moved on is refused with both sides.
 */
final readonly class EditVersion
{
    private const MOST_AT_ONCE = 100;

    public function __construct(
        private ReadRecipe $read,
        private ChangeSteps $steps,
        private CopyVersion $copy,
        private SwapPaints $swap,
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
            [$recipe, $label, $touched, $body] = $this->changed($version, $change);
            $told = $body->id === $version->body_id ? self::given($version, $change) : 'Now on '.$body->name.'. '
                .Scaling::say($version->body->core(), $body->core(), self::marksGrow($change));
            $before = $extends === null ? null : $this->extended($version, $extends, $touched);
            $this->save($version, $body, array_map(Steps::write(...), $recipe->steps), $label, $touched, $key, $before);

            return new Edited($version, $recipe, $told);
        });
    }

    /**
     * The version as a change would make it; nothing is kept.
     *
     * @throws Refused when the change cannot be worked with
     */
    public function tried(Version $version, Node $change): Recipe
    {
        return $this->changed($version, $change)[0];
    }

    /** @return array{Recipe, string, string, Body} the recipe after the change, what was done in words, which fields of which step were set, and its body */
    private function changed(Version $version, Node $change): array
    {
        $body = $version->body;
        switch ($change->field('op')->choice([...ChangeSteps::OPS, ...PlainChange::OPS, 'body', 'prepare', 'swap', 'several'])) {
            case 'body':
                $change->only(['op', 'body_id', 'marks']);
                $body = Named::body($change->field('body_id'));

                return [
                    self::prepared(Scaling::fit($this->read->fromVersion($version), $body->core(), self::marksGrow($change)), $body, false),
                    'change the body',
                    '',
                    $body,
                ];
            case 'prepare':
                $change->only(['op']);

                return [self::prepared($this->read->fromVersion($version), $body, true), 'prepare the body', '', $body];
            case 'swap':
                return [$this->swap->in($version, $change->only(['op', 'swaps'])->field('swaps')), 'swap a paint', '', $body];
            case 'several':
                $change->only(['op', 'changes']);
                $steps = $version->steps;
                foreach ($change->field('changes')->items(1, self::MOST_AT_ONCE) as $one) {
                    [$steps] = $this->steps->apply($steps, $one, $body->core());
                }

                return [$this->read->from($version->pattern, $body, $steps), 'change several steps', '', $body];
            case 'begin':
            case 'place':
            case 'handle':
                $plain = PlainChange::of($this->read->fromVersion($version), $change);
                [$steps, $label, $touched] = $this->steps->apply($version->steps, Node::root($plain));
                // A handle that is pushed again at once goes on; one that is pulled is an edit of its own.
                $touched = $change->has('by') ? $touched.' '.$change->field('handle')->text(40) : '';

                return [$this->read->from($version->pattern, $body, $steps), $label, $touched, $body];
            default:
                [$steps, $label, $touched] = $this->steps->apply($version->steps, $change, $body->core());

                return [$this->read->from($version->pattern, $body, $steps), $label, $touched, $body];
        }
    }

    /** What a step loses that does not show: the figures of the technique it is put on with no more. */
    private static function given(Version $version, Node $change): string
    {
        $step = $change->field('op')->text(20) === 'change'
            ? array_column($version->steps, null, 'id')[$change->field('step')->text(40)] ?? null : null;
        $was = \is_array($step['technique'] ?? null) ? $step['technique'] : [];
        $name = $change->optional('set')?->optional('technique')?->optional('name')?->raw();
        $names = Techniques::names();
        $before = $was['name'] ?? null;
        if (! \in_array($before, $names, true) || ! \in_array($name, $names, true) || $name === $before) {
            return '';
        }
        $technique = Techniques::named($before);
        $set = Choices::read($technique, Node::root($was))->all() != Choices::read($technique, Node::root(['name' => $before]))->all();

        return $set ? Techniques::named($name)->label().' now; the figures of “'.$technique->label().'” are gone.' : '';
    }

    private static function marksGrow(Node $change): bool
    {
        return $change->optional('marks')?->choice(['scale', 'stay']) !== 'stay';
    }

    /** With the body's own preparation for its first steps, in place of another's; where none was taken up, only if $anew. */
    private static function prepared(Recipe $recipe, Body $body, bool $anew): Recipe
    {
        $own = array_filter($recipe->steps, static fn(Step $s): bool => ! str_starts_with($s->id, Preparation::ID));

        return $anew || \count($own) < \count($recipe->steps) ? $recipe->with([...$body->preparation(), ...array_values($own)]) : $recipe;
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
