<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

use Hawkbrush\Core\Air\Nozzle;
use Hawkbrush\Core\Air\Spraying;
use Hawkbrush\Core\Air\SprayWork;
use Hawkbrush\Core\Drying\Airflow;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Drying\Evaporation;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Technique\ByHand;
use Hawkbrush\Core\Technique\ByPen;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Splattered;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Tool;

/** Paint going on: what, how, where, how heavy, and how it is set. */
final readonly class Coat
{
    public Mixture $mixture;

    public float $thinning;

    public Technique $technique;

    public Choices $choices;

    public int $seed;

    public ?float $aimDeg;

    public ?float $widthMm;

    public float $slantDeg;

    public int $coats;

    public Weight $weight;

    public float $psi;

    public int $strokes;

    /**
     * @param string $id of the step that lays it
     * @param self|null $clingsTo the tacky size that its flakes fall on
     */
    public function __construct(
        public string $id,
        Thinned $paint,
        private PutOn $putOn,
        public Place $place,
        private SprayAim $aim,
        private Laid $laid,
        public Setting $setting,
        public ?self $clingsTo = null,
    ) {
        [$this->mixture, $this->thinning] = [$paint->mixture, $paint->thinning];
        [$this->technique, $this->choices, $this->seed] = [$putOn->technique, $putOn->choices, $putOn->seed];
        [$this->aimDeg, $this->widthMm, $this->slantDeg] = [$aim->deg, $aim->widthMm, $aim->slantDeg];
        [$this->coats, $this->weight, $this->psi, $this->strokes] = [$laid->coats, $laid->weight, $laid->psi, $laid->strokes];
    }

    /** What the painter says that the airbrush is used for; null: as it looks. */
    public function saidWork(): ?SprayWork
    {
        return $this->laid->saidWork;
    }

    /** The same coat with other parts; what is not named stays. */
    public function with(?Thinned $paint = null, ?PutOn $putOn = null, ?SprayAim $aim = null, ?Laid $laid = null): self
    {
        return new self(
            $this->id, $paint ?? new Thinned($this->mixture, $this->thinning), $putOn ?? $this->putOn, $this->place,
            $aim ?? $this->aim, $laid ?? $this->laid, $this->setting, $this->clingsTo,
        );
    }

    /** The same coat of another mix. */
    public function of(Mixture $mixture): self
    {
        return $this->with(new Thinned($mixture, $this->thinning));
    }

    /** As it was really laid; what is not named stays. */
    public function laidAs(?int $coats, ?float $psi, ?float $thinning, ?int $strokes): self
    {
        return $this->with(new Thinned($this->mixture, $thinning ?? $this->thinning), laid: $this->laid->with($coats, $psi, $strokes));
    }

    /** The same coat over a tacky size, or over none. */
    public function onSize(?self $size): self
    {
        return new self(
            $this->id, new Thinned($this->mixture, $this->thinning), $this->putOn, $this->place, $this->aim, $this->laid,
            $this->setting, $size,
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

        $strokes = (int) CoatDocument::fields()->of('strokes')->within(round($this->strokes * $by));

        $laid = $this->laid->with(strokes: $strokes);

        return $this->with(putOn: $this->putOn->scaled($grown), aim: $this->aim->scaled($grown), laid: $laid);
    }

    /** Whether it comes out of the airbrush, so that pressure counts and mist flies. */
    public function byAir(): bool
    {
        return $this->technique->sprayed() || ($this->technique instanceof Splattered && $this->technique->byAir($this->choices));
    }

    /** What the airbrush is used for: as the painter said, or as it looks. */
    public function work(): SprayWork
    {
        return $this->laid->saidWork ?? LikelyWork::of($this);
    }

    /** As far as air and thinning depend on it. */
    public function spraying(Nozzle $nozzle, bool $water): Spraying
    {
        $cup = $this->mixture->inCup();
        $work = $this->work();

        return new Spraying(
            $work,
            $cup->kind ?? $this->mixture->parts[0][0]->kind,
            $this->thinning,
            $nozzle,
            $this->mixture->isCraft(),
            $water && ! $this->mixture->needsSolvent(),
            $this->saidWork() === null ? LikelyWork::sweep($this, $work) : null,
        );
    }

    /** Whether the mask of the coat before stays on for this one: the same mesh or tape, however it is written, not taken off. */
    public function keepsMaskOf(?self $before): bool
    {
        return $before !== null
            && $this->technique->press()->presses()
            && $before->technique->name() === $this->technique->name()
            && $before->choices->areAs($this->choices)
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
        return $this->paced(Evaporation::touchDryS($this->wetUm(), $this->volatileShare(), $climate, $air, $this->inMarks()));
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

    /** Whether it lies in dots and lines that dry from their edges too. */
    private function inMarks(): bool
    {
        return $this->technique instanceof ByPen || ($this->technique instanceof ByHand && $this->technique->inMarks());
    }

    private function paced(?float $seconds): ?float
    {
        return $seconds === null ? null : $seconds * $this->mixture->drying();
    }
}
