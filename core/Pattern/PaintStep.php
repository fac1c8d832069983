<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Pattern;

use Hawkbrush\Core\Drying\Room;
use Hawkbrush\Core\Film\Mixing;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Technique;

/** Paint going on: what, how, where, and how it is set. */
final readonly class PaintStep extends Step
{
    /**
     * @param non-empty-list<array{Paint, int}> $mix paints with their drops
     * @param float|null $aimDeg where the brush is aimed, degrees from straight above towards the flank; null: turned under the brush all round
     * @param float|null $widthMm width of the soft band on the surface; null: fanned out over the place
     * @param float $thinning share of reducer in the mix, 0 to 1
     */
    public function __construct(
        string $id,
        string $title,
        bool $on,
        string $check,
        public array $mix,
        public Technique $technique,
        public Choices $choices,
        public int $seed,
        public Place $place,
        public ?float $aimDeg,
        public ?float $widthMm,
        public int $coats,
        public Weight $weight,
        public float $psi,
        public float $thinning,
        public int $strokes,
        public Setting $setting,
    ) {
        parent::__construct($id, $title, $on, $check);
    }

    public function type(): string
    {
        return 'paint';
    }

    /** Share of solids in the bottle strength mix, by volume. */
    public function solids(): float
    {
        $drops = $solid = 0.0;
        foreach ($this->mix as [$paint, $count]) {
            $drops += $count * $paint->dropMl;
            $solid += $count * $paint->dropMl * $paint->solids;
        }

        return $drops > 0 ? $solid / $drops : 0.0;
    }

    /** Dry film = wet film x solids by volume x (1 - thinning), where the brush is aimed, all coats together. */
    public function dryUm(): float
    {
        return $this->coats * $this->weight->wetUm() * $this->solids() * (1 - $this->thinning);
    }

    /** Part of the wet coat that has to leave before it is dry. */
    public function volatileShare(): float
    {
        return 1 - $this->solids() * (1 - $this->thinning);
    }

    /** Share of the coat still wet when the next one lands, 0 to 1. */
    public function wetShare(Room $room): float
    {
        return $this->setting->wetShare($this->weight->wetUm(), $this->volatileShare(), $room);
    }

    /** Optics of the mix, or null when there are no solids in it. */
    public function optics(): ?Optics
    {
        if ($this->solids() <= 0) {
            return null;
        }

        return Mixing::of(array_map(static fn(array $part): array => [$part[0]->optics, $part[1] * $part[0]->dropMl * $part[0]->solids], $this->mix));
    }

    /** @return string the paints' names, as one says them */
    public function colourName(): string
    {
        return implode(' + ', array_map(static fn(array $part): string => $part[0]->name, $this->mix));
    }
}
