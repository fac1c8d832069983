<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Rescue;

use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Step\Job;
use Hawkbrush\Core\Step\Step;

/** What a way costs in minutes on one bait: hands and waits, as a plan has them. */
final readonly class Effort
{
    /** @param Step $like a step of the kind that lays such coats */
    public function __construct(private Landings $landings, private Climate $climate, private Step $like) {}

    /** @param list<Coat> $coats */
    public function ofCoats(array $coats): float
    {
        return $this->of(array_map($this->like->withCoat(...), $coats));
    }

    /** @param list<Step> $steps */
    public function of(array $steps): float
    {
        $minutes = 0.0;
        foreach ($steps as $step) {
            $coat = $step->coat();
            $covered = $coat === null ? 0.0 : $this->landings->areaMm2($coat);
            $work = $step->work(new Job(1, $this->climate, $covered, bodyMm2: 2 * array_sum($this->landings->surface->areaMm2)));
            $minutes += $work->handsOnMin + $work->waitMin;
        }

        return $minutes;
    }
}
