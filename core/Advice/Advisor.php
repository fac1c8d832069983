<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Pattern\Recipe;

/** Looks a recipe through. A new rule is one class in Rules and a line here. */
final class Advisor
{
    /** @return list<Rule> */
    private static function rules(): array
    {
        return [
            new Rules\TooSoonToClamp(),
            new Rules\RunsTogether(),
            new Rules\TooThick(),
            new Rules\HardlyShows(),
            new Rules\ColourTurns(),
            new Rules\BrighterOverWhite(),
            new Rules\EyeAndSocket(),
            new Rules\NotHidden(),
        ];
    }

    /**
     * @param iterable<Paint> $rack paints at hand beside those of the recipe, for what mends it
     *
     * @return list<Finding> the gravest first, then in the order of the ladder
     */
    public static function advise(Recipe $recipe, Climate $climate, iterable $rack = []): array
    {
        $painted = new Painted($recipe, $climate, $rack);
        $findings = [];
        foreach (self::rules() as $rule) {
            array_push($findings, ...$rule->check($painted));
        }
        $order = [Severity::Stop->value => 0, Severity::Caution->value => 1, Severity::Hint->value => 2];
        usort(
            $findings,
            static fn(Finding $a, Finding $b): int => [
                $order[$a->severity->value],
                $recipe->number($a->stepId),
            ] <=> [$order[$b->severity->value], $recipe->number($b->stepId)],
        );

        return $findings;
    }
}
