<?php

declare(strict_types=1);

namespace App\Actions\Patterns;

use App\Actions\Named;
use App\Models\Pattern;
use App\Models\Version;
use App\Stores\Bodies\Body;
use App\Stores\Bodies\SaveBody;
use App\Stores\Rack\Paint;
use App\Stores\Rack\SavePaint;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Step\PaintsNamed;
use Hawkbrush\Core\Step\Step;
use Hawkbrush\Core\Step\Steps;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** Puts a new pattern on the shelf: an empty one, or one from a document. */
final readonly class SavePattern
{
    public function __construct(private SavePaint $paint, private SaveBody $body) {}

    /** @throws Refused */
    public function fromForm(Node $form): Pattern
    {
        $form->only(['name', 'species', 'water', 'body_id', 'prepare']);
        $body = Named::body($form->field('body_id'));

        return DB::transaction(fn(): Pattern => $this->put(
            $form->field('name')->text(120),
            $form->optional('species')?->text(60, true) ?? '',
            $form->optional('water')?->text(60, true) ?? '',
            '',
            $body,
            $form->optional('prepare')?->boolean() ?? true ? array_map(Steps::write(...), $body->preparation()) : [],
        ));
    }

    /**
     * From a recipe document: what the rack and the drawer do not know yet is added to them. All of it or nothing.
     *
     * @throws Refused with what and where
     */
    public function fromDocument(Node $document): Imported
    {
        $recipe = RecipeReader::read($document);
        $named = array_values($recipe->paints());
        $bottles = array_map($this->paint->ofDocument(...), $named);

        return DB::transaction(function () use ($recipe, $named, $bottles): Imported {
            $paints = $this->paint->keepAll($bottles);
            $ids = array_combine(array_column($named, 'id'), array_map(static fn(Paint $paint): string => $paint->id, $paints));
            $body = $this->body->save($recipe->body);
            $brought = [...self::told('paint', Paint::query(), $paints), ...self::told('body', Body::query(), [$body])];
            $steps = array_map(static fn(Step $step): array => PaintsNamed::renamed(Steps::write($step), $ids), $recipe->steps);
            $namesakes = Pattern::query()->where('name', $recipe->name)->with('current')->orderBy('id')->get();
            $isSame = static fn(Version $there): bool => $there->body_id === $body->id && $there->steps == $steps;
            $same = $namesakes->first(static fn(Pattern $there): bool => $isSame($there->current));
            if ($same !== null) {
                return new Imported($same, [['what' => 'pattern', 'name' => $recipe->name, 'how' => 'unchanged']]);
            }
            if ($namesakes->isNotEmpty()) {
                $brought[] = ['what' => 'pattern', 'name' => $recipe->name, 'how' => 'namesake'];
            }

            return new Imported($this->put(
                $recipe->name,
                $recipe->species,
                $recipe->water,
                $recipe->notes,
                $body,
                $steps,
                array_values($ids),
            ), $brought);
        });
    }

    /**
     * @param 'paint'|'body' $what
     * @param Builder<Paint>|Builder<Body> $all
     * @param list<Paint>|list<Body> $put
     *
     * @return list<array{what: 'paint'|'body', name: string, how: 'new'|'namesake'}> nothing of what was there already
     */
    private static function told(string $what, Builder $all, array $put): array
    {
        $new = array_filter($put, static fn(Paint|Body $one): bool => $one->wasRecentlyCreated);
        $namesakes = $all->whereIn('name', array_column($new, 'name'))->whereNull('archived_at')
            ->whereKeyNot(array_column($new, 'id'))->pluck('name')->all();

        return array_values(array_map(static fn(Paint|Body $one): array => [
            'what' => $what,
            'name' => $one->name,
            'how' => \in_array($one->name, $namesakes, true) ? 'namesake' : 'new',
        ], array_column($new, null, 'id')));
    }

    /**
     * @param list<array<string, mixed>> $steps
     * @param list<string> $paintIds
     */
    private function put(
        string $name,
        string $species,
        string $water,
        string $notes,
        Body $body,
        array $steps,
        array $paintIds = [],
    ): Pattern {
        $pattern = Pattern::query()->create(['name' => $name, 'species' => $species, 'water' => $water, 'notes' => $notes]);
        $version = Version::query()->create(['pattern_id' => $pattern->id, 'number' => 1, 'body_id' => $body->id, 'steps' => $steps]);
        $version->paints()->sync($paintIds);

        return $pattern->refresh();
    }
}
