<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Field;

/** One coat with the film before and after it. */
final readonly class PaintedCoat
{
    public function __construct(
        public Coat $step,
        public Coverage $coverage,
        public Field $before,
        public Field $after,
        public ?self $previous,
    ) {}

    /**
     * Each kind of change this coat makes, with the area in mm2 of one side over which it makes it.
     *
     * @return list<array{FilmState, FilmState, float, float}> state before, state after, share of the full thickness, area
     */
    public function changes(): array
    {
        $area = $this->before->surface->areaMm2;
        $changes = [];
        foreach ($this->coverage->left as $cell => $share) {
            $before = $this->before->left[$cell];
            $after = $this->after->left[$cell];
            $key = $before.' '.$after;
            $changes[$key] ??= [$this->before->states[$before], $this->after->states[$after], $share, 0.0];
            $changes[$key][3] += $area[$cell];
        }

        return array_values($changes);
    }

    /**
     * The change where the coat is thickest, weighted by area: the middle of its patch.
     *
     * @return array{FilmState, FilmState}|null
     */
    public function heart(): ?array
    {
        $best = null;
        $most = 0.0;
        foreach ($this->changes() as [$before, $after, $share, $area]) {
            if ($area * $share ** 2 > $most) {
                $most = $area * $share ** 2;
                $best = [$before, $after];
            }
        }

        return $best;
    }

    /** Share of this coat's area that the previous coat covers too, 0 to 1. */
    public function overlap(): float
    {
        if ($this->previous === null || $this->coverage->left === []) {
            return 0.0;
        }
        $area = $this->before->surface->areaMm2;
        $all = $shared = 0.0;
        foreach (array_keys($this->coverage->left) as $cell) {
            $all += $area[$cell];
            if (isset($this->previous->coverage->left[$cell])) {
                $shared += $area[$cell];
            }
        }

        return $all > 0 ? $shared / $all : 0.0;
    }
}
