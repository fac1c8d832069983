<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

use Hawkbrush\Core\Step\Step;

/**
 * “Meant so”: the answer of a painter who knows what a step will do and wants it. It is kept with the step, with a mark of
 * the figures that it was given for; when these change the rule speaks again.
 */
final class Meant
{
    /** Whether a finding of this rule was answered, and the step is still as it was then. */
    public static function is(Step $step, string $rule): bool
    {
        return ($step->head->meant[$rule] ?? null) === self::mark($step);
    }

    /** The change that answers a finding. */
    public static function answer(Step $step, string $rule): Fix
    {
        return self::change('Meant so', $step, [$rule => self::mark($step)] + $step->head->meant);
    }

    /** The change that takes the answer back. */
    public static function takeBack(Step $step, string $rule): Fix
    {
        return self::change('Say it again', $step, array_diff_key($step->head->meant, [$rule => true]));
    }

    /** @param array<string, string> $meant */
    private static function change(string $label, Step $step, array $meant): Fix
    {
        return Fix::change($label, $step->id, ['meant' => $step->head->withMeant($meant)->meantDocument()]);
    }

    /** Of all that is set for the step, its title and check aside. */
    private static function mark(Step $step): string
    {
        $fields = $step->document();
        // It came later: where it is not said, what was answered before stands.
        if (($fields['work'] ?? null) === null) {
            unset($fields['work']);
        }

        return hash('crc32b', json_encode($fields, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
    }
}
