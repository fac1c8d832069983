<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;

/** {op: remove, step} */
final readonly class RemoveStep implements Change
{
    private function __construct(private Node $step) {}

    public static function op(): string
    {
        return 'remove';
    }

    public static function read(Node $change): static
    {
        return new self($change->only(['op', 'step'])->field('step'));
    }

    public function applyTo(Recipe $recipe, Surroundings $around): Changed
    {
        $at = Ladder::find($recipe, $this->step);
        $steps = $recipe->steps;
        array_splice($steps, $at, 1);

        return new Changed($recipe->with($steps), 'remove step '.($at + 1));
    }
}
