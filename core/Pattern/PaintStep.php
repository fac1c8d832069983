<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Pattern;

use Hawkbrush\Core\Drying\Air;
use Hawkbrush\Core\Drying\Evaporation;
use Hawkbrush\Core\Drying\Room;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Thrown;

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

    /** @param non-empty-list<array{Paint, int}> $mix */
    public function mixedFrom(array $mix): self
    {
        return new self($this->id, $this->title, $this->on, $this->check, $mix, $this->technique, $this->choices, $this->seed, $this->place,
            $this->aimDeg, $this->widthMm, $this->coats, $this->weight, $this->psi, $this->thinning, $this->strokes, $this->setting);
    }

    /** Whether it comes out of the airbrush, so that pressure counts and mist flies. */
    public function byAir(): bool
    {
        return $this->technique->sprayed() || ($this->technique instanceof Thrown && $this->technique->byAir($this->choices));
    }

    /** What is set for the technique, as the air makes it. */
    public function marks(): Choices
    {
        return $this->technique instanceof Thrown ? $this->technique->atPsi($this->choices, $this->psi) : $this->choices;
    }

    /** What is sprayed, before the reducer. */
    public function mixture(): Mixture
    {
        return new Mixture($this->mix);
    }

    /** Share of solids in the bottle strength mix, by volume. */
    public function solids(): float
    {
        return $this->mixture()->solids();
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

    /** Seconds until one coat is touch dry, as this paint was found to dry; null when it never does in this air. */
    public function touchDryS(Room $room, Air $air): ?float
    {
        $model = Evaporation::touchDryS($this->weight->wetUm(), $this->volatileShare(), $room, $air);

        return $model === null ? null : $model * $this->mixture()->drying();
    }

    /** Seconds until a mask or tape may be clamped on it; null when never. */
    public function maskSafeS(Room $room, Air $air): ?float
    {
        $model = Evaporation::maskSafeS($this->weight->wetUm(), $this->volatileShare(), $room, $air);

        return $model === null ? null : $model * $this->mixture()->drying();
    }

    /** Share of the coat still wet when the next one lands, 0 to 1. */
    public function wetShare(Room $room): float
    {
        return $this->setting->wetShare($this->touchDryS($room, Air::still()));
    }

    /** Optics of the mix, or null when there are no solids in it. */
    public function optics(): ?Optics
    {
        return $this->mixture()->optics();
    }

    /** @return string the paints' names, as one says them */
    public function colourName(): string
    {
        return $this->mixture()->name();
    }
}
