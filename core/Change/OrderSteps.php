<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;

/** {op: order, steps}: all step ids in their new order. */
final readonly class OrderSteps implements Change
{
    private function __construct(private Node $steps) {}

    public static function op(): string
    {
        return 'order';
    }

    public static function read(Node $change): static
    {
        return new self($change->only(['op', 'steps'])->field('steps'));
    }

    public function applyTo(Recipe $recipe, Surroundings $around): Changed
    {
        $count = \count($recipe->steps);
        $ids = array_map(static fn(Node $id): string => $id->text(40), $this->steps->items($count, $count));
        $of = array_column($recipe->steps, null, 'id');
        if (array_diff(array_keys($of), $ids) !== []) {
            throw $this->steps->refuse('An order names every step of the version once.');
        }

        return new Changed($recipe->with(array_map(static fn(string $id) => $of[$id], $ids)), 'change the order');
    }
}
