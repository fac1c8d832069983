<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Order\Reorder;
use Hawkbrush\Core\Shop\Shop;

/** What of the order of a recipe can be changed without being seen, and the order with the fewest minutes. */
final class OrderCalculator implements Calculator
{
    public function name(): string
    {
        return 'order';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  a recipe document (contract/recipe.schema.json)
            out: exchangeable [[step, step, delta_e]]: neighbours that may change places, by how much the bait changes at most;
                 best {steps [ids], clean_min, wait_min, delta_e}, now {clean_min, wait_min}
            TEXT;
    }

    public function example(): array
    {
        return Examples::recipe();
    }

    public function calculate(Node $in): array
    {
        $reorder = new Reorder(RecipeReader::read($in), Shop::ordinary());

        return ['exchangeable' => $reorder->exchangeable(), 'best' => $reorder->best(), 'now' => $reorder->now()];
    }
}
