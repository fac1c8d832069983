<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Replace\Swap;

/** {op: swap, swaps: [{paint, for: [{paint, drops}]}]}: paints exchanged for others, wherever they are laid. */
final readonly class SwapPaints implements Change
{
    private const MOST = 6;

    /** @param list<Node> $swaps */
    private function __construct(private array $swaps) {}

    public static function op(): string
    {
        return 'swap';
    }

    public static function read(Node $change): static
    {
        return self::of($change->only(['op', 'swaps'])->field('swaps'));
    }

    /** @param Node $swaps the list alone */
    public static function of(Node $swaps): self
    {
        return new self($swaps->items(1, self::MOST));
    }

    public function applyTo(Recipe $recipe, Surroundings $around): Changed
    {
        $used = $recipe->paints();
        foreach ($this->swaps as $one) {
            $one->only(['paint', 'for']);
            $id = $one->field('paint')->text(40);
            if (! isset($used[$id])) {
                throw $one->field('paint')->refuse('This pattern does not use that paint.');
            }
            $recipe = Swap::in($recipe, $id, $around->mix($one->field('for')));
        }

        return new Changed($recipe, 'swap a paint');
    }
}
