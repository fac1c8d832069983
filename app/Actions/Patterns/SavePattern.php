<?php

declare(strict_types=1);

namespace App\Actions\Patterns;

use App\Actions\Bodies\SaveBody;
use App\Actions\Named;
use App\Actions\Rack\SavePaint;
use App\Models\Body;
use App\Models\Pattern;
use App\Models\Version;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Step\Steps;
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
    public function fromDocument(Node $document): Pattern
    {
        $recipe = RecipeReader::read($document);

        return DB::transaction(function () use ($recipe): Pattern {
            $ids = [];
            foreach ($recipe->allCoats() as $coat) {
                foreach ($coat->mixture->parts as [$paint]) {
                    $ids[$paint->id] ??= $this->paint->fromDocument($paint)->id;
                }
            }
            $steps = array_map(static function (array $step) use ($ids): array {
                if (isset($step['mix']) && \is_array($step['mix'])) {
                    $step['mix'] = array_map(static fn(mixed $part): mixed => \is_array($part) && \is_string($part['paint'] ?? null)
                        ? ['paint' => $ids[$part['paint']]] + $part : $part, $step['mix']);
                }

                return $step;
            }, array_map(Steps::write(...), $recipe->steps));

            return $this->put(
                $recipe->name,
                $recipe->species,
                $recipe->water,
                $recipe->notes,
                $this->body->save($recipe->body),
                $steps,
                array_values($ids),
            );
        });
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
