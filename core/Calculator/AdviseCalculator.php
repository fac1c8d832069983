<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Advice\Advisor;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Exchange\ResultWriter;
use Hawkbrush\Core\Node;

/** What will go wrong with a recipe, or not show. */
final class AdviseCalculator implements Calculator
{
    public function name(): string
    {
        return 'advise';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  a recipe document (contract/recipe.schema.json)
            out: findings [{rule, severity: stop|caution|hint, step, headline, reason,
                 fix: {label, step, set, insert: a step to put in before it, or null} or null,
                 meant: whether it was answered with “meant so”, answer: the change that does, as fix}]
            TEXT;
    }

    public function example(): array
    {
        return Examples::recipe();
    }

    public function calculate(Node $in): array
    {
        return ['findings' => array_map(ResultWriter::finding(...), Advisor::advise(RecipeReader::read($in), Climate::ordinary()))];
    }
}
