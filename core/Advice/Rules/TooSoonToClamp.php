<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Fix;
use Hawkbrush\Core\Advice\Minutes;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\PaintedCoat;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\SetBy;
use Hawkbrush\Core\Step\Step;

/** A mesh, stencil, card or tape goes onto a coat that is not dry right through: it prints, or lifts the colour. */
final class TooSoonToClamp implements Rule
{
    public function name(): string
    {
        return 'too-soon-to-clamp';
    }

    public function check(Painted $painted): array
    {
        $findings = [];
        foreach ($painted->coats as $coat) {
            $below = $coat->previous;
            if ($below === null || ! $coat->step->technique->touches()) {
                continue;
            }
            $step = $below->step;
            $air = $step->setting->air();
            $safe = $step->maskSafeS($painted->climate, $air);
            $touch = $step->touchDryS($painted->climate, $air);
            $waited = $this->waited($painted, $below, $coat->step);
            if ($safe !== null && $waited >= $safe - 30) {
                continue;
            }
            $number = $painted->number($step);
            $minutes = $safe === null ? null : ceil($safe / 60 + $step->setting->minutes - $waited / 60);
            $findings[] = new Finding(
                $this->name(), Severity::Caution, $coat->step->id,
                $coat->step->technique->label().' goes on too soon',
                $safe === null || $touch === null
                    ? \sprintf('Step %d does not dry at all in this air. It would print.', $number)
                    : \sprintf(
                        'Step %d is touch dry after %s; clamping wants %s, %s are planned. It would print or lift.',
                        $number,
                        Minutes::say($touch),
                        Minutes::say($safe),
                        $waited < 1 ? 'no minutes' : Minutes::say($waited),
                    ),
                $minutes === null ? null : Fix::change(\sprintf('Wait %d min', $minutes), $step->id, [
                    'set' => [
                        'by' => $step->setting->by === SetBy::Wet ? SetBy::Air->value : $step->setting->by->value,
                        'minutes' => $minutes,
                    ],
                ]),
            );
        }

        return $findings;
    }

    /** Seconds planned between the coat below and this one. */
    private function waited(Painted $painted, PaintedCoat $below, Coat $step): float
    {
        $steps = $painted->recipe->steps;
        $from = $painted->number($below->step);
        $between = \array_slice($steps, $from - 1, $painted->number($step) - $from);

        return 60 * array_sum(array_map(static fn(Step $one): float => $one->on ? $one->restMin() : 0.0, $between));
    }
}
