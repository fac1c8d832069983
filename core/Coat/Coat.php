<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

use Hawkbrush\Core\Air\Nozzle;
use Hawkbrush\Core\Air\Spraying;
use Hawkbrush\Core\Air\SprayWork;
use Hawkbrush\Core\Drying\Airflow;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Drying\Evaporation;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Press;
use Hawkbrush\Core\Technique\Splattered;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Tool;

/** Paint going on: what, how, where, how heavy, and how it is set. */
final readonly class Coat
{
    /** Kinds that a base is laid of. */
    private const BASES = [Kind::Opaque, Kind::SemiOpaque, Kind::Pearl];

    /** A band as narrow as this is an accent. Common practice, no published source. */
    private const NARROW_MM = 8.0;

    /** Aimed no lower than this, and reduced by so much, a coat shades the back. Common practice, no published source. */
    private const FROM_ABOVE_DEG = 45.0;

    private const REDUCED = 0.3;

    /**
     * @param string $id of the step that lays it
     * @param float|null $aimDeg where the brush is aimed, degrees from straight above towards the flank; null: turned under the brush all round
     * @param float|null $widthMm width of the soft band on the surface; null: fanned out over the place
     * @param int $coats one over the other, each of this weight
     * @param float $thinning share of reducer in the mix, 0 to 0.95
     * @param int $strokes on each side
     * @param float $slantDeg how far the brush lies over along the bait: above zero it sprays from the nose towards the tail
     * @param self|null $clingsTo the tacky size that its flakes fall on
     * @param SprayWork|null $saidWork what the airbrush is used for, where the painter said so; null: as it looks
     *
     * @throws Refused when nothing could be laid so
     */
    public function __construct(
        public string $id,
        public Mixture $mixture,
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
        public float $slantDeg = 0.0,
        public ?self $clingsTo = null,
        public ?SprayWork $saidWork = null,
    ) {
        if ($coats < 1 || $strokes < 1 || $psi <= 0 || $thinning < 0 || $thinning >= 1 || ($widthMm ?? 1) <= 0) {
            throw Refused::because('A coat has at least one coat and one stroke, some air and width, and some paint beside the reducer.');
        }
    }

    /** The same coat with other figures; what is not named stays. */
    public function with(
        ?Mixture $mixture = null,
        ?Choices $choices = null,
        ?float $widthMm = null,
        ?int $coats = null,
        ?float $psi = null,
        ?float $thinning = null,
        ?int $strokes = null,
    ): self {
        return new self(
            $this->id,
            $mixture ?? $this->mixture,
            $this->technique,
            $choices ?? $this->choices,
            $this->seed,
            $this->place,
            $this->aimDeg,
            $widthMm ?? $this->widthMm,
            $coats ?? $this->coats,
            $this->weight,
            $psi ?? $this->psi,
            $thinning ?? $this->thinning,
            $strokes ?? $this->strokes,
            $this->setting,
            $this->slantDeg,
            $this->clingsTo,
            $this->saidWork,
        );
    }

    /** The same coat over a tacky size, or over none. */
    public function onSize(?self $size): self
    {
        return new self(
            $this->id, $this->mixture, $this->technique, $this->choices, $this->seed, $this->place, $this->aimDeg, $this->widthMm,
            $this->coats, $this->weight, $this->psi, $this->thinning, $this->strokes, $this->setting, $this->slantDeg, $size,
            $this->saidWork,
        );
    }

    /** Whether flakes cling to it: a size that no heat has set. */
    public function holdsFlakes(): bool
    {
        return $this->mixture->isSize() && $this->setting->by !== SetBy::Heat;
    }

    /**
     * On a body so many times as large. Strokes follow the body even where marks stay: its length is crossed at the
     * same speed, its width is not.
     *
     * @param float $by root of the ratio of areas
     * @param bool $marks whether marks, mesh and the width of strokes grow too
     */
    public function scaled(float $by, bool $marks): self
    {
        $grown = $marks ? $by : 1.0;

        return $this->with(
            choices: $this->choices->scaled($this->technique, $grown),
            widthMm: $this->widthMm === null ? null : round(CoatDocument::fields()->of('width_mm')->within($this->widthMm * $grown), 1),
            strokes: (int) CoatDocument::fields()->of('strokes')->within(round($this->strokes * $by)),
        );
    }

    /** Whether it comes out of the airbrush, so that pressure counts and mist flies. */
    public function byAir(): bool
    {
        return $this->technique->sprayed() || ($this->technique instanceof Splattered && $this->technique->byAir($this->choices));
    }

    /** What the airbrush is used for: as the painter said, or as technique, place and weight look. Common practice, no published source. */
    public function work(): SprayWork
    {
        return $this->saidWork ?? $this->looksLike();
    }

    private function looksLike(): SprayWork
    {
        $kind = $this->mixture->parts[0][0]->kind;
        $press = $this->technique->press();

        return match (true) {
            ! $this->technique->sprayed() => SprayWork::Splatter,
            $press === Press::Clamped => SprayWork::Mesh,
            $press === Press::Held => SprayWork::Stencil,
            $this->technique instanceof Placed && ! $press->masks() => SprayWork::Dot,
            $this->weight === Weight::Mist, $this->shades() => SprayWork::Dusting,
            $kind === Kind::Fluorescent && $this->weight === Weight::Heavy => SprayWork::LayIn,
            ! $this->place->cuts() && $this->weight !== Weight::Light && \in_array($kind, self::BASES, true) => SprayWork::Base,
            $this->widthMm !== null && $this->widthMm <= self::NARROW_MM => SprayWork::Fade,
            $kind === Kind::Pearl && $this->place->cuts() && $this->weight === Weight::Light => SprayWork::Fade,
            default => SprayWork::Coat,
        };
    }

    /** Whether it is reduced paint misted from above. */
    private function shades(): bool
    {
        return $this->place->cuts() && $this->aimDeg !== null && $this->aimDeg <= self::FROM_ABOVE_DEG && $this->thinning >= self::REDUCED;
    }

    /** As far as air and thinning depend on it. */
    public function spraying(Nozzle $nozzle, bool $water): Spraying
    {
        $cup = $this->mixture->inCup();

        return new Spraying(
            $this->work(),
            $cup->kind ?? $this->mixture->parts[0][0]->kind,
            $this->thinning,
            $nozzle,
            $this->mixture->isCraft(),
            $water && ! $this->mixture->needsSolvent(),
        );
    }

    /** Whether the mask that the coat before went through stays on for this one: the same mesh or tape, not taken off in between. */
    public function keepsMaskOf(?self $before): bool
    {
        return $before !== null
            && $this->technique->press()->presses()
            && $before->technique->name() === $this->technique->name()
            && $before->choices->all() === $this->choices->all()
            && $before->seed === $this->seed;
    }

    /** What is set for the technique, as the air makes it. */
    public function marks(): Choices
    {
        return $this->technique instanceof Splattered ? $this->technique->atPsi($this->choices, $this->psi) : $this->choices;
    }

    /** @return array<mixed> all that says where it lands, and nothing of what it is */
    public function landsBy(): array
    {
        return [
            $this->technique, $this->marks(), $this->seed, $this->place, $this->aimDeg, $this->widthMm, $this->slantDeg,
            $this->clingsTo === null ? null : [$this->clingsTo->holdsFlakes(), $this->clingsTo->landsBy()],
        ];
    }

    /** Wet film of one coat where it lands in full. */
    public function wetUm(): float
    {
        return $this->weight->wetUm($this->technique->tool());
    }

    /** Dry film = wet film x solids by volume x (1 - thinning), where the brush is aimed, all coats together. */
    public function dryUm(): float
    {
        return $this->coats * $this->wetUm() * $this->mixture->solids() * (1 - $this->thinning);
    }

    /** Part of the wet coat that has to leave before it is dry. */
    public function volatileShare(): float
    {
        return $this->technique->tool() === Tool::Melt ? 0.0 : 1 - $this->mixture->solids() * (1 - $this->thinning);
    }

    /** Seconds until one coat is touch dry, as this paint was found to dry; null when it never does in this air. */
    public function touchDryS(Climate $climate, Airflow $air): ?float
    {
        return $this->paced(Evaporation::touchDryS($this->wetUm(), $this->volatileShare(), $climate, $air));
    }

    /** Seconds until a mask or tape may be clamped on it; null when never. */
    public function maskSafeS(Climate $climate, Airflow $air): ?float
    {
        // What has set as it cooled is set right through.
        return $this->technique->tool() === Tool::Melt
            ? 0.0
            : $this->paced(Evaporation::maskSafeS($this->wetUm(), $this->volatileShare(), $climate, $air));
    }

    /** Share of the coat still wet when the next one lands, 0 to 1. */
    public function wetShare(Climate $climate): float
    {
        // Nothing runs together with a size: flakes lie on it.
        return $this->mixture->isSize() ? 0.0 : $this->setting->wetShare($this->touchDryS($climate, Airflow::still()));
    }

    /** Optics of the mix, or null when there are no solids in it. */
    public function optics(): ?Optics
    {
        return $this->mixture->optics();
    }

    /** @return list<Hazard> what can hurt in laying and setting it */
    public function hazards(): array
    {
        return array_values(array_filter([
            $this->byAir() ? Hazard::Mist : null,
            $this->mixture->needsSolvent() ? Hazard::Solvent : null,
            $this->setting->by === SetBy::Heat ? Hazard::HotAir : null,
            $this->technique->tool() === Tool::Sheet ? Hazard::Blade : null,
        ]));
    }

    private function paced(?float $seconds): ?float
    {
        return $seconds === null ? null : $seconds * $this->mixture->drying();
    }
}
