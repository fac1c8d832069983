<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Fix;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\PaintedCoat;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Technique\Press;

/**
 * Stripes through tape or a stencil that run a little way up a back that is dark already: laid before it, the back hides
 * their ends, and no tape has to lie on it. Stripes darker than the back, and those that lie on it whole, are silent.
 * Common practice, no published source.
 */
final class StripesOverDark implements Rule
{
    /** Share of the stripes that lies on the dark coat: their ends, not all of them. */
    private const ENDS = [0.08, 0.6];

    /** L* under which a back is dark, and by which stripes lighten it. */
    private const DARK = 40.0;

    private const LIGHTER = 8.0;

    public function name(): string
    {
        return 'stripes-over-dark';
    }

    public function check(Painted $painted): array
    {
        $findings = [];
        foreach ($painted->coats as $coat) {
            $optics = $coat->step->optics();
            $press = $coat->step->technique->press();
            if ($optics === null || ($press !== Press::Taped && $press !== Press::Held) || ! $this->lightensDark($painted, $coat)) {
                continue;
            }
            for ($back = $coat->previous; $back !== null; $back = $back->previous) {
                $share = $coat->overlap($back);
                if ($share >= self::ENDS[0] && $share <= self::ENDS[1] && $this->darkensTheBack($painted, $back)) {
                    $number = $painted->number($back->step);
                    $findings[] = new Finding(
                        $this->name(), Severity::Hint, $coat->step->id, 'Its ends lie on the dark back',
                        \sprintf('%d %% of it lies on step %d. Laid before that step, the back hides its ends and nothing has to be pressed on it.',
                            round(100 * $share), $number),
                        Fix::move("Put it before step {$number}", $coat->step->id, $back->step->id),
                    );
                    break;
                }
            }
        }

        return $findings;
    }

    /** Whether it comes out lighter than the dark that it is laid on. */
    private function lightensDark(Painted $painted, PaintedCoat $coat): bool
    {
        foreach ($coat->changes() as [$before, $after, $share]) {
            $ground = $painted->colour($before)->lab->l;
            if ($share > 0.5 && $ground < self::DARK && $painted->colour($after)->lab->l > $ground + self::LIGHTER) {
                return true;
            }
        }

        return false;
    }

    private function darkensTheBack(Painted $painted, PaintedCoat $back): bool
    {
        $aim = $back->step->place->usualAimDeg();

        return $aim !== null && $aim < 45 && ! $back->step->technique->press()->masks() && $this->lightness($painted, $back) < self::DARK;
    }

    private function lightness(Painted $painted, PaintedCoat $coat): float
    {
        $heart = $coat->heart();

        return $heart === null ? 100.0 : $painted->colour($heart[1])->lab->l;
    }
}
