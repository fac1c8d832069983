<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Step\PaintsNamed;
use Hawkbrush\Core\Step\Step;
use Hawkbrush\Core\Step\Steps;

/** The steps of a recipe as changes get at them. */
final class Ladder
{
    /**
     * Where a step is, counted from 0.
     *
     * @throws Refused when there is no such step
     */
    public static function find(Recipe $recipe, Node $id): int
    {
        $number = $recipe->number($id->text(40));

        return $number > 0 ? $number - 1 : throw $id->refuse('There is no such step in this version.');
    }

    /**
     * Where a change puts a new step: {after: step id}, or {first: true}, or last.
     *
     * @throws Refused when it is behind a step that is not there
     */
    public static function place(Recipe $recipe, Node $change): int
    {
        return match (true) {
            $change->has('after') => self::find($recipe, $change->field('after')) + 1,
            $change->optional('first')?->boolean() ?? false => 0,
            default => \count($recipe->steps),
        };
    }

    /** @throws Refused when there is no room for it */
    public static function insert(Recipe $recipe, int $at, Step $step): Recipe
    {
        $steps = $recipe->steps;
        array_splice($steps, $at, 0, [$step]);
        if (\count($steps) > Recipe::MOST_STEPS) {
            throw Refused::at('/steps', 'A pattern has up to '.Recipe::MOST_STEPS.' steps.');
        }

        return $recipe->with($steps);
    }

    /**
     * A step with fields set from outside: those are held to today's bounds, the rest as it was kept.
     *
     * @param array<string, mixed> $kept
     *
     * @throws Refused
     */
    public static function read(Node $set, array $kept, Recipe $recipe, Surroundings $around): Step
    {
        $document = $set->over($kept);
        $named = PaintsNamed::in(array_map(static fn(Node $field): mixed => $field->raw(), $document->fields()));
        $known = $recipe->paints();
        $others = array_values(array_diff($named, array_keys($known)));

        return Steps::read($document, $others === [] ? $known : $known + $around->paints($others));
    }
}
