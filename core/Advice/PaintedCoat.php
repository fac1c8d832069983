<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Hiding;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Field;

/** One coat with the film before and after it. */
final readonly class PaintedCoat
{
    /** L* by which a glaze darkens what it is laid over. */
    private const DEEPER = 5.0;

    /** L* of a ground on which a glaze can still be seen. */
    private const DARK = 25.0;

    /** Contrast under which a film is seen through. */
    private const SEEN_THROUGH = 0.5;

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
        $right = $this->step->place->isRight();
        $before = $right ? $this->before->right : $this->before->left;
        $after = $right ? $this->after->right : $this->after->left;
        foreach ($this->laid($this->coverage) as $cell => $share) {
            $from = $before[$cell];
            $to = $after[$cell];
            $key = $from.' '.$to;
            $changes[$key] ??= [$this->before->states[$from], $this->after->states[$to], $share, 0.0];
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

    /** The cell where it is thickest; null where nothing lands. */
    public function heartCell(): ?int
    {
        $best = null;
        $most = 0.0;
        $area = $this->before->surface->areaMm2;
        foreach ($this->laid($this->coverage) as $cell => $share) {
            if ($share ** 4 * $area[$cell] > $most) {
                $most = $share ** 4 * $area[$cell];
                $best = $cell;
            }
        }

        return $best;
    }

    /** The film of a field in a cell, on the side that this coat is looked at on. */
    public function sideOf(Field $field, int $cell): FilmState
    {
        return $field->states[$this->step->place->isRight() ? $field->right[$cell] : $field->left[$cell]];
    }

    /** Share of its full thickness in a cell of the side that another coat is looked at on. */
    public function shareAt(int $cell, self $other): float
    {
        return $other->laid($this->coverage)[$cell] ?? 0.0;
    }

    /**
     * Whether it is seen through and laid to deepen, as a glaze is meant to: a colour darker than its ground, which goes clearly
     * darker.
     *
     * @param Lab $own the colour over white
     */
    public function deepens(Lab $own, Lab $before, Lab $after): bool
    {
        $optics = $this->step->optics();

        return $optics !== null
            && $before->l > max($own->l, self::DARK)
            && $after->l < $before->l - self::DEEPER
            && Hiding::contrastRatio($optics, $this->step->dryUm()) < self::SEEN_THROUGH;
    }

    /** Share of this coat's area that another coat covers too, 0 to 1. */
    public function overlap(self $other): float
    {
        $laid = $this->laid($this->coverage);
        if ($laid === []) {
            return 0.0;
        }
        $area = $this->before->surface->areaMm2;
        $all = $shared = 0.0;
        $others = $this->laid($other->coverage);
        foreach (array_keys($laid) as $cell) {
            $all += $area[$cell];
            if (isset($others[$cell])) {
                $shared += $area[$cell];
            }
        }

        return $all > 0 ? $shared / $all : 0.0;
    }

    /** @return array<int, float> shares of a coat on the side that this one is looked at on */
    private function laid(Coverage $coverage): array
    {
        return $this->step->place->isRight() ? $coverage->right : $coverage->left;
    }
}
