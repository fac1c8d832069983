<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Drying\Room;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\WetBlend;
use Hawkbrush\Core\Pattern\PaintStep;

/** One coat as it goes over film states: set below, or run together with a coat that was left wet. */
final class Layer
{
    /** Share of the light that still passes a covering coat there and back. */
    private const COVERING = 0.2;

    private readonly float $dryUm;

    private readonly float $wetShare;

    private readonly ?Optics $lower;

    private readonly float $lowerUm;

    /** @var array<int, Film> by twelfths of the full thickness */
    private array $films = [];

    /** @param array<int, array{int, int}> $laid state before and thickness of the wet coat below, by state it made */
    public function __construct(PaintStep $step, private readonly Optics $optics, ?PaintStep $below, private readonly array $laid, Room $room)
    {
        $this->dryUm = $step->dryUm();
        $this->wetShare = $below?->wetShare($room) ?? 0.0;
        $this->lower = $below?->optics();
        $this->lowerUm = $below?->dryUm() ?? 0.0;
    }

    /** Whether the full coat hides most of what lies below. */
    public function covers(): bool
    {
        return Observer::luminous(Film::of($this->optics, $this->dryUm)->t2) < self::COVERING;
    }

    /**
     * @param list<FilmState> $states
     * @param int $before the state it goes over
     * @param int $q thickness in twelfths
     */
    public function over(array $states, int $before, int $q): FilmState
    {
        if ($this->lower !== null && $this->wetShare > 0 && isset($this->laid[$before])) {
            [$ground, $lowerQ] = $this->laid[$before];

            return WetBlend::lay($states[$ground], $this->lower, $this->lowerUm * $lowerQ / Coverage::FULL,
                $this->optics, $this->dryUm * $q / Coverage::FULL, $this->wetShare);
        }

        return $states[$before]->under($this->films[$q] ??= Film::of($this->optics, $this->dryUm * $q / Coverage::FULL));
    }
}
