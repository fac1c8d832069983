<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Fix;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Film\FilmState;

/** A step changes the colour by less than an eye sees over most of its area, and throws no new glint either. */
final class HardlyShows implements Rule
{
    private const SEEN = 1.0;

    private const MOST = 0.75;

    /** Luminous glint that catches the eye. */
    private const GLINTS = 0.02;

    public function name(): string
    {
        return 'hardly-shows';
    }

    public function check(Painted $painted): array
    {
        $findings = [];
        foreach ($painted->coats as $coat) {
            $all = $unseen = $sum = 0.0;
            foreach ($coat->changes() as [$before, $after, , $area]) {
                $change = DeltaE2000::between($painted->colour($before)->lab, $painted->colour($after)->lab);
                $all += $area;
                $sum += $area * $change;
                if ($change < self::SEEN && ! $this->glintAdded($before, $after)) {
                    $unseen += $area;
                }
            }
            if ($all > 0 && $unseen / $all < self::MOST) {
                continue;
            }
            $findings[] = new Finding(
                $this->name(), Severity::Hint, $coat->step->id,
                $all > 0 ? 'This hardly shows here' : 'Nothing lands',
                $all > 0
                    ? \sprintf('%.1f DeltaE00 on average; under %.0f over %d %% of its area.', $sum / $all, self::SEEN, round(100 * $unseen / $all))
                    : 'The place, aim and mask of this step leave no paint on the body.',
                Fix::change('Switch it off', $coat->step->id, ['on' => false]),
            );
        }

        return $findings;
    }

    private function glintAdded(FilmState $before, FilmState $after): bool
    {
        return $after->glint !== null && $after->glint[1] - ($before->glint[1] ?? 0.0) > self::GLINTS;
    }
}
