<?php

declare(strict_types=1);

namespace Tests;

use Hawkbrush\Core\Change\KnownBody;
use Hawkbrush\Core\Change\Surroundings;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Step\Step;

/** A shop for changes, in which nothing else happens. */
final readonly class StillShop implements Surroundings
{
    public function __construct(private Recipe $recipe) {}

    /** A recipe of so many coats, called a, b, c … */
    public static function recipe(int $steps): Recipe
    {
        return self::of(array_map(
            static fn(string $id): Step => StepDocuments::read(['id' => $id] + StepDocuments::full()['paint']),
            \array_slice(range('a', 'z'), 0, $steps),
        ));
    }

    /** @param list<Step> $steps */
    public static function of(array $steps): Recipe
    {
        return new Recipe('Still', '', '', '', Build::example()->body, $steps);
    }

    public function newId(): string
    {
        return 'new';
    }

    public function paints(array $ids): array
    {
        return array_intersect_key($this->recipe->paints(), array_flip($ids));
    }

    public function rack(): array
    {
        return array_values($this->recipe->paints());
    }

    public function mix(Node $parts): array
    {
        return [[$this->rack()[0], 1]];
    }

    public function body(Node $id): KnownBody
    {
        return $this->own();
    }

    public function own(): KnownBody
    {
        return new KnownBody('own', $this->recipe->body, []);
    }

    public function habits(): Habits
    {
        return Habits::usual();
    }
}
