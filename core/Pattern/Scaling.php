<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Pattern;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Measure;

/**
 * The same pattern on another body: marks, mesh and the width of strokes grow with the body, places follow its own
 * marks, the eye is taken from its socket or grows too. The measure of growth is the root of the ratio of areas.
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

        return $recipe->with(array_map(static fn(Step $step): Step => match (true) {
            $step instanceof PaintStep => self::paint($step, $by, $marks ? $by : 1.0),
            $step instanceof EyeStep => self::eye($step, $by, $to),
            default => $step,
        }, $recipe->steps), $to);
    }

    /** Strokes follow the body even where marks stay: its length is crossed at the same speed, its width is not. */
    private static function paint(PaintStep $s, float $by, float $marks): PaintStep
    {
        return new PaintStep($s->id, $s->title, $s->on, $s->check, $s->mix, $s->technique, $s->choices->scaled($s->technique, $marks), $s->seed,
            $s->place, $s->aimDeg, $s->widthMm === null ? null : round(max(0.5, min(300.0, $s->widthMm * $marks)), 1),
            $s->coats, $s->weight, $s->psi, $s->thinning,
            max(1, min(200, (int) round($s->strokes * $by))), $s->setting);
    }

    private static function eye(EyeStep $s, float $by, Body $to): EyeStep
    {
        // Eyes are sold in half millimetres; a socket decides, else the eye grows with the bait.
        $diameter = $to->marks->eyeSocketMm ?? round($s->diameterMm * $by * 2) / 2;

        return new EyeStep($s->id, $s->title, $s->on, $s->check, max(1.0, min(40.0, floor($diameter * 2) / 2)), $s->irisHex, $s->pupil, $s->setWith);
    }
}
