<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Duration;
use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Fix;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\PaintedCoat;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Coat\SetBy;
use Hawkbrush\Core\Technique\Press;

/**
 * Something bears on paint that is not dry enough. Mesh and tape press: all that lies below them, since it last had time,
 * must be dry right through, or it prints and lifts. A dryer alone is enough over one thin coat. What is held by hand, and a
 * brush, pen or decal, want it dry to the touch. A mesh that stays on asks once, before it goes on; and before it comes off
 * its last colour must be set. Common practice, no published source.
 */
final class TooSoonToClamp implements Rule
{
    /** Share of the mask that must lie on a coat to count. */
    private const ON_IT = 0.1;

    /** Dry film of one coat that a dryer alone gets dry right through, um. */
    private const THIN_UM = 6.0;

    /** Nobody counts a minute of twenty. */
    private const NEARLY_S = 60.0;

    private const STILL_WET = 0.05;

    public function name(): string
    {
        return 'too-soon-to-clamp';
    }

    public function check(Painted $painted): array
    {
        $findings = [];
        foreach ($painted->coats as $i => $coat) {
            $next = $painted->coats[$i + 1] ?? null;
            if ($coat->previous !== null && ! $coat->step->keepsMaskOf($coat->previous->step)) {
                $findings[] = match ($coat->step->technique->press()) {
                    Press::None => null,
                    Press::Touched, Press::Held => $this->onWet($painted, $coat, $coat->previous),
                    Press::Clamped, Press::Taped => $this->onSoft($painted, $coat),
                };
            }
            if ($coat->step->technique->press()->presses() && ! ($next?->step->keepsMaskOf($coat->step) ?? false)) {
                $findings[] = $this->offWet($painted, $coat);
            }
        }

        return array_values(array_filter($findings));
    }

    private function onWet(Painted $painted, PaintedCoat $coat, PaintedCoat $below): ?Finding
    {
        $wet = $below->step->wetShare($painted->climate);
        if ($wet < self::STILL_WET || $coat->overlap($below) < self::ON_IT) {
            return null;
        }

        return new Finding(
            $this->name(), Severity::Caution, $coat->step->id, $coat->step->technique->label().' touches wet paint',
            \sprintf('Step %d is still %d %% wet when this touches it: it smears. Dry to the touch is enough.', $painted->number($below->step), round($wet * 100)),
            $this->heat($below),
        );
    }

    private function onSoft(Painted $painted, PaintedCoat $coat): ?Finding
    {
        $soft = $this->soft($painted, $coat);
        if ($soft === [] || (\count($soft) === 1 && $this->thin($soft[0][0]))) {
            return null;
        }
        $byHeat = array_filter($soft, static fn(array $layer): bool => $layer[0]->step->setting->by === SetBy::Heat);
        if ($painted->habits()->dryerAlone() && \count($byHeat) === \count($soft)) {
            return null;
        }
        $never = array_filter($soft, static fn(array $layer): bool => $layer[1] === null);
        if ($never !== []) {
            $number = $painted->number(current($never)[0]->step);

            return $this->tooSoon($coat, \sprintf('Step %d never dries in this air: mesh and tape would leave marks.', $number), null);
        }
        usort($soft, static fn(array $a, array $b): int => $b[1] - $b[2] <=> $a[1] - $a[2]);
        [$below, $safe, $waited] = $soft[0];
        $last = $coat->previous ?? $below;
        $touch = (float) $below->step->touchDryS($painted->climate, $below->step->setting->air($painted->climate));
        $minutes = ceil(($safe - $waited) / 60 + $last->step->setting->minutes);

        return $this->tooSoon(
            $coat,
            \sprintf(
                'Let step %d dry %s%s before anything is clamped on it; %s are planned. It is touch dry after %s, and until it is hard, mesh and tape leave marks or lift paint.',
                $painted->number($below->step),
                Duration::say($painted->inRoom((float) $safe)),
                \count($soft) > 1 ? \sprintf(' (%d layers)', \count($soft)) : '',
                $waited < 1 ? 'no minutes' : Duration::say($painted->inRoom($waited)),
                Duration::say($painted->inRoom($touch)),
            ),
            Fix::change(\sprintf('Wait %d min', ceil($painted->inRoom(60 * $minutes) / 60)), $last->step->id, ['set' => [
                'by' => $last->step->setting->by === SetBy::Wet ? SetBy::Air->value : $last->step->setting->by->value,
                'minutes' => $minutes,
            ]]),
        );
    }

    private function tooSoon(PaintedCoat $coat, string $reason, ?Fix $fix): Finding
    {
        $headline = $coat->step->technique->label().' goes on too soon';

        return new Finding($this->name(), Severity::Caution, $coat->step->id, $headline, $reason, $fix);
    }

    private function offWet(Painted $painted, PaintedCoat $coat): ?Finding
    {
        $wet = $coat->step->wetShare($painted->climate);

        return $wet < self::STILL_WET ? null : new Finding(
            $this->name(), Severity::Caution, $coat->step->id, 'The mask comes off wet paint',
            \sprintf('This colour is still %d %% wet when its mask comes off: edges smear and lift.', round($wet * 100)),
            $this->heat($coat),
        );
    }

    /**
     * The layers below a mask that have not had time to dry right through, the latest first.
     *
     * @return list<array{PaintedCoat, float|null, float}> coat, seconds it wants (null: it never dries), seconds it has
     */
    private function soft(Painted $painted, PaintedCoat $coat): array
    {
        $coats = [];
        for ($below = $coat->previous; $below !== null; $below = $below->previous) {
            $coats[$below->step->id] = $below;
        }
        $soft = [];
        $waited = 0.0;
        foreach (array_reverse(\array_slice($painted->recipe->steps, 0, $painted->number($coat->step) - 1)) as $step) {
            $waited += $step->on ? 60 * $step->restMin() : 0.0;
            $below = $coats[$step->id] ?? null;
            if ($below === null || $this->liesOn($coat, $below) < self::ON_IT) {
                continue;
            }
            $air = $below->step->setting->air($painted->climate);
            $safe = $below->step->maskSafeS($painted->climate, $air);
            // Twenty minutes planned are twenty minutes: the while until it is touch dry is not asked for on top.
            $safe = $safe === null ? null : $safe - (float) $below->step->touchDryS($painted->climate, $air);
            if ($safe !== null && $waited >= $safe - self::NEARLY_S) {
                // What lies further below has had longer.
                break;
            }
            $soft[] = [$below, $safe, $waited];
        }

        return $soft;
    }

    /** Share of a mask that lies on a coat; tape lies beside what is painted. */
    private function liesOn(PaintedCoat $coat, PaintedCoat $below): float
    {
        return $coat->step->technique->press() === Press::Taped ? 1 - $below->overlap($coat) : $coat->overlap($below);
    }

    private function thin(PaintedCoat $coat): bool
    {
        return $coat->step->setting->by === SetBy::Heat && $coat->step->dryUm() <= self::THIN_UM;
    }

    private function heat(PaintedCoat $coat): Fix
    {
        return Fix::change('Heat set it first', $coat->step->id, ['set' => ['by' => SetBy::Heat->value, 'minutes' => 0]]);
    }
}
