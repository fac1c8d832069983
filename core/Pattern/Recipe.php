<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Pattern;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Step\Step;
use Hawkbrush\Core\Technique\LooseFlakes;

/** How one look is painted on one body: the steps in order. */
final readonly class Recipe
{
    public const MOST_STEPS = 60;

    /** @var list<Step> each sprinkled coat with the tacky size it falls on */
    public array $steps;

    /** @param list<Step> $steps */
    public function __construct(
        public string $name,
        public string $species,
        public string $water,
        public string $notes,
        public Body $body,
        array $steps,
    ) {
        $this->steps = self::sprinkled($steps);
    }

    /** @param list<Step> $steps */
    public function with(array $steps, ?Body $body = null): self
    {
        return new self($this->name, $this->species, $this->water, $this->notes, $body ?? $this->body, $steps);
    }

    /** @param callable(Mixture): Mixture $change of every mixture, those of disabled steps too */
    public function withMixtures(callable $change): self
    {
        return $this->with(array_map(static fn(Step $step): Step => $step->withMixtures($change), $this->steps));
    }

    /**
     * With the drying times learnt so far for its paints.
     *
     * @param array<string, float> $drying by paint id; other paints are unchanged
     */
    public function dryingAs(array $drying): self
    {
        return $this->withMixtures(static fn(Mixture $mixture): Mixture => new Mixture(array_map(
            static fn(array $part): array => [$part[0]->withDrying($drying[$part[0]->id] ?? $part[0]->drying), $part[1]],
            $mixture->parts,
        )));
    }

    /** The step whose eye is in place after a step (null: after all of them); null while there is none. */
    public function eyeStep(?string $upto = null): ?Step
    {
        $set = null;
        foreach ($this->steps as $step) {
            $set = $step->on && $step->eye() !== null ? $step : $set;
            if ($step->id === $upto) {
                break;
            }
        }

        return $set;
    }

    /** @return list<Step> */
    public function enabled(): array
    {
        return array_values(array_filter($this->steps, static fn(Step $step): bool => $step->on));
    }

    /** @return list<Step> the enabled ones up to and with the step of that id (null: all) */
    public function upTo(?string $id): array
    {
        $steps = [];
        foreach ($this->steps as $step) {
            if ($step->on) {
                $steps[] = $step;
            }
            if ($step->id === $id) {
                break;
            }
        }

        return $steps;
    }

    /** @return list<Coat> of the enabled steps */
    public function coats(): array
    {
        return self::coatsOf($this->enabled());
    }

    /** @return array<string, Paint> of every step, disabled ones too, by id */
    public function paints(): array
    {
        $paints = [];
        foreach ($this->steps as $step) {
            foreach ($step->paints() as $paint) {
                $paints[$paint->id] ??= $paint;
            }
        }

        return $paints;
    }

    public function step(string $id): ?Step
    {
        return $this->steps[$this->number($id) - 1] ?? null;
    }

    /** Number of a step on the ladder, counted from 1; 0 when it is not there. */
    public function number(string $id): int
    {
        foreach ($this->steps as $i => $step) {
            if ($step->id === $id) {
                return $i + 1;
            }
        }

        return 0;
    }

    /** The next coat after a step that tries it out; null for other steps, and where no coat follows. */
    public function coatTriedBy(Step $step): ?Coat
    {
        return $step->triesNextCoat() ? self::coatsOf(array_filter(
            \array_slice($this->steps, $this->number($step->id)),
            static fn(Step $later): bool => $later->on,
        ))[0] ?? null : null;
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<Step>
     */
    private static function sprinkled(array $steps): array
    {
        $size = null;
        foreach ($steps as $i => $step) {
            $coat = $step->on ? $step->coat() : null;
            if ($coat === null) {
                continue;
            }
            if (! $coat->technique instanceof LooseFlakes) {
                $size = $coat->mixture->isSize() ? $coat : null;
            } elseif ($coat->clingsTo !== $size) {
                $steps[$i] = $step->withCoat($coat->onSize($size));
            }
        }

        return $steps;
    }

    /**
     * @param array<Step> $steps
     *
     * @return list<Coat>
     */
    private static function coatsOf(array $steps): array
    {
        return array_values(array_filter(array_map(static fn(Step $step): ?Coat => $step->coat(), $steps)));
    }
}
