<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Patterns\ReadRecipe;
use App\Actions\Patterns\SavePattern;
use App\Actions\Runs\LogWords;
use App\Http\Input;
use App\Http\Page;
use App\Http\Revised;
use App\Models\Pattern;
use App\Models\Preference;
use App\Models\Run;
use App\Models\Sought;
use App\Models\Version;
use App\Present\PatternView;
use App\Present\VersionChanges;
use App\Present\VersionView;
use App\Stores\Habits\HabitView;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Exchange\RecipeWriter;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

final class PatternController
{
    private const PAGE = 60;

    /** A page of the shelf by name. */
    public function index(Request $request): JsonResponse
    {
        $asked = Input::ofList($request)->only(['q', 'state', 'paint', 'after']);
        $state = $asked->optional('state')?->choice(['all', ...PatternView::STATES]) ?? 'all';
        $shelf = PatternView::inState(Sought::in(self::shelf(), $asked, 'patterns.words'), $state);
        if ($asked->has('paint')) {
            $paint = $asked->field('paint')->text(40);
            $shelf->whereHas('current.paints', static fn(Builder $of): Builder => $of->where('paints.id', $paint));
        }
        $page = Page::of($shelf, $asked, ['name', 'id'], self::PAGE);

        return new JsonResponse($page->as('patterns', PatternView::of(...)));
    }

    public function store(Request $request, SavePattern $save): JsonResponse
    {
        return $this->answer($save->fromForm(Input::of($request))->id, 201);
    }

    public function show(string $id): JsonResponse
    {
        return $this->answer($id);
    }

    public function update(Request $request, string $id): JsonResponse
    {
        $form = Input::of($request)->only(['revision', 'name', 'species', 'water', 'notes', 'retired']);
        $retired = $form->optional('retired')?->boolean();
        $find = static fn(): Pattern => self::shelf()->findOrFail($id);
        $elsewhere = 'This pattern was changed elsewhere.';
        Revised::change($form, $find, $elsewhere, PatternView::of(...), static function (Pattern $pattern) use ($form, $retired): void {
            $pattern->update([
                'name' => $form->optional('name')?->text(120) ?? $pattern->name,
                'species' => $form->optional('species')?->text(60, true) ?? $pattern->species,
                'water' => $form->optional('water')?->text(60, true) ?? $pattern->water,
                'notes' => $form->optional('notes')?->text(4000, true) ?? $pattern->notes,
                'retired_at' => $retired === null ? $pattern->retired_at : ($retired ? now() : null),
                'revision' => $pattern->revision + 1,
            ]);
            if ($pattern->wasChanged('name')) {
                LogWords::keep(Run::query()->whereIn('version_id', $pattern->versions()->select('id')));
            }
        });

        return $this->answer($id);
    }

    public function export(string $id, ReadRecipe $read): JsonResponse
    {
        $pattern = Pattern::query()->with('current.body', 'current.pattern')->findOrFail($id);

        $document = RecipeWriter::write($read->fromVersion($pattern->current), Preference::habits());
        // Without paint it is an object all the same.
        $document['paints'] = (object) $document['paints'];

        return new JsonResponse($document, 200, [
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($pattern->name) ?: 'pattern').'.hawkbrush.json"',
        ], JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    public function import(Request $request, SavePattern $save): JsonResponse
    {
        $most = config('hawkbrush.import_max_bytes');
        $document = Input::of($request, \is_int($most) ? $most : 0);

        $imported = $save->fromDocument($document);

        return $this->answer($imported->pattern->id, 201, [
            'brought' => $imported->brought,
            'differs' => HabitView::differing(RecipeReader::habits($document)),
        ]);
    }

    public function versions(string $id): JsonResponse
    {
        $versions = Pattern::query()->findOrFail($id)->versions()->with('body')->orderByDesc('number')->orderBy('id')->get();

        $paints = VersionChanges::paintNames();
        // Each against the one worked on before it; a copy for a run against the version it was made of.
        $before = static fn(Version $version): ?Version => $versions->first(
            static fn(Version $other): bool => $version->fitted_from_id === null
                ? $other->fitted_from_id === null && $other->number < $version->number
                : $other->id === $version->fitted_from_id,
        );

        return new JsonResponse(['versions' => $versions->map(static function (Version $version) use ($before, $paints): array {
            $was = $before($version);

            return VersionView::brief($version) + [
                'changes' => $was === null ? [] : VersionChanges::between($was, $version, $paints),
                'body_was' => $was === null || $was->body_id === $version->body_id ? null : $was->body->name,
            ];
        })->all()]);
    }

    /** @param array<string, mixed> $more */
    public function answer(string $id, int $status = 200, array $more = []): JsonResponse
    {
        $pattern = self::shelf()->findOrFail($id);
        $version = $pattern->current->load(['pattern', 'body']);

        return new JsonResponse(
            [
                'pattern' => PatternView::of($pattern),
                'version' => VersionView::of($version, app(ReadRecipe::class)->fromVersion($version)),
            ] + $more,
            $status,
        );
    }

    /** @return Builder<Pattern> with what the shelf says of each pattern */
    private static function shelf(): Builder
    {
        $runs = static fn(): Builder => Run::query()->join(
            'versions',
            'versions.id',
            '=',
            'runs.version_id',
        )->whereColumn('versions.pattern_id', 'patterns.id')->whereNotNull('runs.finished_at');

        return Pattern::query()->with(['current', 'parent', 'proven.body'])->addSelect([
            'last_painted' => $runs()->selectRaw('max(runs.finished_at)'),
            'proven_baits' => $runs()->whereRaw(
                'versions.id = (select id from versions stamped where stamped.pattern_id = patterns.id and stamped.proven_at is not null order by stamped.proven_at desc, stamped.id desc limit 1)',
            )
                ->join('baits', 'baits.run_id', '=', 'runs.id')->whereNull('baits.rejected')->selectRaw('count(baits.id)'),
        ]);
    }
}
