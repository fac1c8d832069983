<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;

/** {op: move, step, to}: to another place on the ladder, counted from 0. */
final readonly class MoveStep implements Change
{
    private function __construct(private Node $change) {}

    public static function op(): string
    {
        return 'move';
    }

    public static function read(Node $change): static
    {
        return new self($change->only(['op', 'step', 'to']));
    }

    public function applyTo(Recipe $recipe, Surroundings $around): Changed
    {
        $at = Ladder::find($recipe, $this->change->field('step'));
        $to = $this->change->field('to')->integer(0, \count($recipe->steps) - 1);
        $steps = $recipe->steps;
        $moved = array_splice($steps, $at, 1);
        array_splice($steps, $to, 0, $moved);

        return new Changed($recipe->with($steps), 'move step '.($at + 1));
    }
}
