<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Pattern\BenchStep;
use Hawkbrush\Core\Pattern\ClearStep;
use Hawkbrush\Core\Pattern\EyeStep;
use Hawkbrush\Core\Pattern\PaintStep;
use Hawkbrush\Core\Pattern\Step;

/** One sentence of how a step is done, as one would say it across the bench. */
final class How
{
    public static function say(Step $step): string
    {
        return match (true) {
            $step instanceof PaintStep => self::paint($step),
            $step instanceof EyeStep => \sprintf('Set a %s mm eye on each side with %s.%s', rtrim(rtrim(\sprintf('%.1f', $step->diameterMm), '0'), '.'), $step->setWith,
                $step->pupil === 'round' ? '' : ' Both pupils '.$step->pupil.'.'),
            $step instanceof ClearStep => self::clear($step),
            $step instanceof BenchStep => $step->task !== '' ? $step->task : 'Look it over.',
            default => '',
        };
    }

    private static function paint(PaintStep $step): string
    {
        $aim = match (true) {
            ! $step->byAir() => 'By hand, the same on both sides.',
            ! $step->technique->sprayed() => 'In short bursts, the same on both sides.',
            $step->aimDeg === null => $step->technique->how() === '' ? 'Turn it under the brush so that all of it gets the same.' : '',
            $step->aimDeg < 8 => 'From straight above, nose to tail.',
            $step->aimDeg < 75 => \sprintf('From above, tilted %d° to the side; nose to tail. Keep the same aim on both.', round($step->aimDeg)),
            $step->aimDeg < 110 => 'Square onto the side, nose to tail.',
            default => 'From below, nose to tail.',
        };

        return implode(' ', array_filter([$aim, $step->technique->how(), $step->coats > 1 ? 'Set between the coats.' : '']));
    }

    private static function clear(ClearStep $step): string
    {
        $minutes = $step->clear->workingMinutes();

        return 'Long even strokes; cover the eye rims; keep out of joints and line tie.'
            .($minutes === null ? '' : \sprintf(' About %d min to work in.', $minutes));
    }
}
