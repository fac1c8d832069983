<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Fix;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Coat\SetBy;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Technique\Press;

/** A coat lands on one that is still wet, and the two run together into another colour. */
final class RunsTogether implements Rule
{
    private const NOTICED = 2.0;

    private const TOUCHES = 0.1;

    public function name(): string
    {
        return 'runs-together';
    }

    public function check(Painted $painted): array
    {
        $findings = [];
        foreach ($painted->coats as $coat) {
            $below = $coat->previous?->step;
            $optics = $coat->step->optics();
            // What bears on the wet coat smears it, see TooSoonToClamp.
            $bears = $coat->step->technique->press() !== Press::None;
            if (
                $coat->previous === null
                || $below === null
                || $optics === null
                || $bears
                || $coat->overlap($coat->previous) < self::TOUCHES
            ) {
                continue;
            }
            $share = $below->wetShare($painted->climate);
            $heart = $share > 0 ? $coat->heart() : null;
            if ($heart === null) {
                continue;
            }
            $set = $painted->colour($heart[0]->under(Film::of($optics, $coat->step->dryUm())));
            $run = $painted->colour($heart[1]);
            $change = DeltaE2000::between($set->lab, $run->lab);
            if ($change < self::NOTICED) {
                continue;
            }
            $meant = $below->setting->by === SetBy::Wet;
            if ($meant && $painted->habits()->wetBlends()) {
                continue;
            }
            $findings[] = new Finding(
                $this->name(), $meant ? Severity::Hint : Severity::Caution, $coat->step->id,
                $meant ? 'These two run together, as a wet blend' : 'These two will run together',
                \sprintf('Step %d is still %d %% wet when this lands; together they come out %.0f DeltaE00 from this over a set coat%s.',
                    $painted->number($below), round($share * 100), $change, $run->lab->l > $set->lab->l + 2 ? ', lighter' : ''),
                Fix::change('Heat set it first', $below->id, ['set' => ['by' => SetBy::Heat->value, 'minutes' => 0]]),
            );
        }

        return $findings;
    }
}
