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
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Hiding;
use Hawkbrush\Core\Film\SurfaceFinish;

/** A step changes the colour by less than an eye sees over most of its area, and throws no new glint either. */
final class HardlyShows implements Rule
{
    /** DeltaE00 that an eye sees on a bait, side by side. */
    private const SEEN = 1.0;

    /** Over something dark an eye sees less of a see-through colour. Common practice, no published source. */
    private const SEEN_OVER_DARK = 2.5;

    private const DARK = 30.0;

    private const SEEN_THROUGH = 0.5;

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
            if (! $coat->step->mixture->colours()) {
                continue;
            }
            $optics = $coat->step->optics();
            $through = $optics !== null && Hiding::contrastRatio($optics, $coat->step->dryUm()) < self::SEEN_THROUGH;
            $least = self::SEEN;
            foreach ($coat->changes() as [$before, $after, , $area]) {
                $ground = $painted->colour($before)->lab;
                $dark = $through && $ground->l < self::DARK;
                // Daylight on the face of a dark bait drowns what lies below it: there it is looked at with that light.
                $change = $dark
                    ? DeltaE2000::between($before->colour(SurfaceFinish::Matte)->lab, $after->colour(SurfaceFinish::Matte)->lab)
                    : DeltaE2000::between($ground, $painted->colour($after)->lab);
                $sees = $dark ? self::SEEN_OVER_DARK : self::SEEN;
                $least = max($least, $sees);
                $all += $area;
                $sum += $area * $change;
                if ($change < $sees && ! $this->glintAdded($before, $after)) {
                    $unseen += $area;
                }
            }
            if ($all > 0 && $unseen / $all < self::MOST) {
                continue;
            }
            $size = $coat->step->clingsTo;
            if ($all <= 0 && $size !== null && ! $size->holdsFlakes()) {
                $findings[] = new Finding(
                    $this->name(), Severity::Caution, $coat->step->id, 'Nothing clings', 'The size below was set by heat; flakes cling to it only while it is tacky.',
                    Fix::change('Leave the size tacky', $size->id, ['set' => ['by' => SetBy::Wet->value, 'minutes' => 0]]),
                );

                continue;
            }
            $findings[] = new Finding(
                $this->name(), Severity::Hint, $coat->step->id,
                $all > 0 ? 'This hardly shows here' : 'Nothing lands',
                $all > 0
                    ? \sprintf('%.1f DeltaE00 on average; under %.1f, which an eye does not see, over %d %% of its area.', $sum / $all, $least, round(100 * $unseen / $all))
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
