<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Fix;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\PaintedCoat;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Film\Film;

/**
 * A coat sprayed over marks or scales so heavily that nothing of them is left: it belongs under them, as black does
 * under a mesh that is to have dark veins. What only shades them is silent. Common practice, no published source.
 */
final class BuriesMarks implements Rule
{
    /** Share of the marks that must lie under it. */
    private const COVERS = 0.7;

    /** DeltaE00 by which marks stood out, and by which they still have to. */
    private const STOOD_OUT = 5.0;

    private const LEFT = 1.0;

    public function name(): string
    {
        return 'buries-marks';
    }

    public function check(Painted $painted): array
    {
        $findings = [];
        foreach ($painted->coats as $coat) {
            $optics = $coat->step->optics();
            if ($optics === null || $coat->step->technique->press()->masks() || ! $coat->step->technique->sprayed()) {
                continue;
            }
            for ($marks = $coat->previous; $marks !== null; $marks = $marks->previous) {
                if ($this->isMarks($marks) && $marks->overlap($coat) >= self::COVERS && $this->buried($painted, $marks, $coat)) {
                    $number = $painted->number($marks->step);
                    $findings[] = new Finding(
                        $this->name(), Severity::Caution, $coat->step->id, 'It hides what is below',
                        \sprintf('This coat hides step %d (%s) completely. Lay it before that step and both show.', $number, lcfirst($marks->step->technique->label())),
                        Fix::move("Put it before step {$number}", $coat->step->id, $marks->step->id),
                    );
                    break;
                }
            }
        }

        return $findings;
    }

    private function isMarks(PaintedCoat $coat): bool
    {
        return $coat->step->technique->press()->masks();
    }

    private function buried(Painted $painted, PaintedCoat $marks, PaintedCoat $coat): bool
    {
        $heart = $marks->heart();
        $optics = $coat->step->optics();
        $cell = $marks->heartCell();
        if ($heart === null || $optics === null || $cell === null) {
            return false;
        }
        [$bare, $marked] = $heart;
        $film = Film::of($optics, $coat->shareAt($cell, $marks) * $coat->step->dryUm());
        $stood = DeltaE2000::between($painted->colour($bare)->lab, $painted->colour($marked)->lab);

        return $stood > self::STOOD_OUT
            && DeltaE2000::between($painted->colour($bare->under($film))->lab, $painted->colour($marked->under($film))->lab) < self::LEFT;
    }
}
