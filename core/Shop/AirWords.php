<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Shop;

use Hawkbrush\Core\Air\Pressure;
use Hawkbrush\Core\Air\Window;

/** The air of a coat in a sentence, as the school of the shop says it. */
final class AirWords
{
    /** @param float $psi that the recipe names */
    public static function say(Window $window, float $psi, Habits $habits): string
    {
        $near = Pressure::round($psi);
        $from = Pressure::round($window->low);
        $to = Pressure::round($window->high);

        if (! $window->holds($psi)) {
            // What is unusual is not ordered.
            return "{$near} psi is outside the usual {$from} to {$to} psi. Look at its mark on paper first.";
        }

        return $habits->sprayOut()
            ? "Begin near {$near} psi and turn it until the mark on paper is as on the test sheet; note what gave it. {$from} to {$to} psi is usual."
            : "Set {$near} psi by the gauge. {$from} to {$to} psi is usual.";
    }

    /** Where a figure stands in its window, in words. */
    public static function stands(Window $window, float $value): string
    {
        return match (true) {
            $window->side($value) === 0 => 'within',
            $window->farOff($value) => $window->side($value) < 0 ? 'far below' : 'far above',
            default => $window->side($value) < 0 ? 'below' : 'above',
        };
    }
}
