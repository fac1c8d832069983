<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Pattern;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Measure;
use Hawkbrush\Core\Step\Step;

/**
 * The same pattern on another body: places follow the body's own marks, and each step fits itself to it. The measure
 * of growth is the root of the ratio of areas.
 */
final class Scaling
{
    public static function factor(Body $from, Body $to): float
    {
        return sqrt(Measure::areaMm2($to) / Measure::areaMm2($from));
    }

    /** @param bool $marks whether marks, mesh and the width of strokes grow with the body, or stay as large as they are */
    public static function fit(Recipe $recipe, Body $to, bool $marks = true): Recipe
    {
        $by = self::factor($recipe->body, $to);

        return $recipe->with(array_map(static fn(Step $step): Step => $step->fitted($to, $by, $marks), $recipe->steps), $to);
    }

    /** What that changes, in a sentence. */
    public static function say(Body $from, Body $to, bool $marks = true): string
    {
        $by = self::factor($from, $to);

        return 'Places follow its own marks. '.($marks
            ? \sprintf('Marks, mesh and widths of spray are %.2f times as large, and so are the strokes in number.', $by)
            : \sprintf('Marks stay as large as they are; strokes are %.2f times as many.', $by));
    }
}
