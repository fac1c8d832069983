<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ReadRecipe;
use App\Actions\SavePattern;
use App\Http\Conflict;
use App\Http\Input;
use App\Http\RecipeSchema;
use App\Models\Pattern;
use App\Models\Run;
use App\Models\Version;
use App\Present\PatternView;
use App\Present\VersionView;
use Hawkbrush\Core\Exchange\RecipeWriter;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

final class PatternController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(['patterns' => self::shelf()->orderBy('name')->get()->map(PatternView::of(...))->all()]);
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
        $pattern = Pattern::query()->findOrFail($id);
        $form = Input::of($request)->only(['revision', 'name', 'species', 'water', 'notes', 'retired']);
        if ($form->field('revision')->integer(1, PHP_INT_MAX) !== $pattern->revision) {
            throw new Conflict('This pattern was changed elsewhere.', PatternView::of(self::shelf()->findOrFail($id)), $form->raw());
        }
        $retired = $form->optional('retired')?->boolean();
        $pattern->update([
            'name' => $form->optional('name')?->text(120) ?? $pattern->name,
            'species' => $form->optional('species')?->text(60, true) ?? $pattern->species,
            'water' => $form->optional('water')?->text(60, true) ?? $pattern->water,
            'notes' => $form->optional('notes')?->text(4000, true) ?? $pattern->notes,
            'retired_at' => $retired === null ? $pattern->retired_at : ($retired ? now() : null),
            'revision' => $pattern->revision + 1,
        ]);

        return $this->answer($id);
    }

    public function export(string $id, ReadRecipe $read): JsonResponse
    {
        $pattern = Pattern::query()->with('current.body', 'current.pattern')->findOrFail($id);

        return new JsonResponse(RecipeWriter::write($read->of($pattern->current)), 200, [
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($pattern->name) ?: 'pattern').'.hawkbrush.json"',
        ], JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    public function import(Request $request, SavePattern $save, RecipeSchema $schema): JsonResponse
    {
        $most = config('hawkbrush.import_max_bytes');
        $document = Input::of($request, \is_int($most) ? $most : 0);
        $schema->check($request->getContent());

        return $this->answer($save->fromDocument($document)->id, 201);
    }

    public function versions(string $id): JsonResponse
    {
        $pattern = Pattern::query()->findOrFail($id);

        return new JsonResponse(['versions' => $pattern->versions()->orderByDesc('number')->get()->map(static fn(Version $v): array => [
            'id' => $v->id, 'number' => $v->number, 'note' => $v->note, 'painted_at' => $v->painted_at?->toIso8601ZuluString(), 'proven_at' => $v->proven_at?->toIso8601ZuluString(),
        ])->all()]);
    }

    public function answer(string $id, int $status = 200): JsonResponse
    {
        $pattern = self::shelf()->findOrFail($id);
        $version = $pattern->current->load(['pattern', 'body']);

        return new JsonResponse(['pattern' => PatternView::of($pattern), 'version' => VersionView::of($version, app(ReadRecipe::class)->of($version))], $status);
    }

    /** @return Builder<Pattern> with what the shelf says of each pattern */
    private static function shelf(): Builder
    {
        $runs = static fn(): Builder => Run::query()->join('versions', 'versions.id', '=', 'runs.version_id')->whereColumn('versions.pattern_id', 'patterns.id')->whereNotNull('runs.finished_at');

        return Pattern::query()->with(['current', 'parent'])
            ->withCount(['versions as proven_versions' => static fn(Builder $q): Builder => $q->whereNotNull('proven_at')])
            ->addSelect([
                'last_painted' => $runs()->selectRaw('max(runs.finished_at)'),
                'proven_baits' => $runs()->whereNotNull('versions.proven_at')->selectRaw('coalesce(sum(runs.bait_count), 0)'),
            ]);
    }
}
