<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Drying\Room;
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
    public static function advise(Recipe $recipe, Room $room, iterable $rack = []): array
    {
        $painted = new Painted($recipe, $room, $rack);
        $findings = [];
        foreach (self::rules() as $rule) {
            array_push($findings, ...$rule->look($painted));
        }
        $order = [Gravity::Stop->value => 0, Gravity::Caution->value => 1, Gravity::Hint->value => 2];
        usort($findings, static fn(Finding $a, Finding $b): int => [$order[$a->gravity->value], $recipe->number($a->stepId)] <=> [$order[$b->gravity->value], $recipe->number($b->stepId)]);

        return $findings;
    }
}
