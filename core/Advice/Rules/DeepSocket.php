<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Advice\UnderEye;
use Hawkbrush\Core\Eye\Fit;

/** A deep socket is painted black first: else its light wall shows round the eye. Common practice, no published source. */
final class DeepSocket implements Rule
{
    /** From this L* on, the wall of a socket is light. A guess. */
    private const LIGHT = 45.0;

    public function name(): string
    {
        return 'deep-socket';
    }

    public function check(Painted $painted): array
    {
        $marks = $painted->recipe->body->marks;
        $findings = [];
        foreach ($painted->recipe->enabled() as $step) {
            $eye = $step->eye();
            // The disc of a painted eye covers the socket, wall and all.
            if ($eye === null || $eye->kind === 'painted' || ! Fit::deep($painted->recipe->body, $eye->diameterMm)) {
                continue;
            }
            $light = $painted->colour($painted->before($step, $marks->eyeU, $marks->eyeDeg))->lab->l;
            if ($light < self::LIGHT) {
                continue;
            }
            $black = $painted->black();
            $findings[] = new Finding(
                $this->name(), Severity::Hint, $step->id, 'The deep socket is light inside',
                \sprintf(
                    'It is %.1f mm deep and %.1f wide, and its wall is light (L* %.0f): it shows as a pale ring round the eye.',
                    $marks->eyeSocketDepthMm, $marks->eyeSocketMm, $light,
                ),
                $black === null ? null : UnderEye::blackSocket($black, $step->id),
            );
        }

        return $findings;
    }
}
