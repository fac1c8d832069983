<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Step\Steps;

/** {op: duplicate, step}: the same once more, behind it. */
final readonly class DuplicateStep implements Change
{
    private function __construct(private Node $step) {}

    public static function op(): string
    {
        return 'duplicate';
    }

    public static function read(Node $change): static
    {
        return new self($change->only(['op', 'step'])->field('step'));
    }

    public function applyTo(Recipe $recipe, Surroundings $around): Changed
    {
        $at = Ladder::find($recipe, $this->step);
        $copy = Steps::read(
            Node::kept(['id' => $around->newId()] + Steps::write($recipe->steps[$at])),
            $recipe->paints(),
        );

        return new Changed(Ladder::insert($recipe, $at + 1, $copy), 'duplicate step '.($at + 1));
    }
}
