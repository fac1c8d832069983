<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Pattern;

use Hawkbrush\Core\Body\Body;

/** How one look is painted on one body: the steps in order. */
final readonly class Recipe
{
    /** @param list<Step> $steps */
    public function __construct(
        public string $name,
        public string $species,
        public string $water,
        public string $notes,
        public Body $body,
        public array $steps,
    ) {}

    /** @param list<Step> $steps */
    public function with(array $steps, ?Body $body = null): self
    {
        return new self($this->name, $this->species, $this->water, $this->notes, $body ?? $this->body, $steps);
    }

    /**
     * With its paints drying as they are known to by now.
     *
     * @param array<string, float> $drying by paint id; paints not in it stay as they are
     */
    public function dryingAs(array $drying): self
    {
        return $this->with(array_map(static fn(Step $step): Step => $step instanceof PaintStep
            ? $step->mixedFrom(array_map(static fn(array $part): array => [$part[0]->dryingAs($drying[$part[0]->id] ?? $part[0]->drying), $part[1]], $step->mix))
            : $step, $this->steps));
    }

    /** @return list<Step> the steps that are switched on, by their position in the recipe */
    public function lit(): array
    {
        return array_values(array_filter($this->steps, static fn(Step $step): bool => $step->on));
    }

    /** @return list<PaintStep> */
    public function coats(): array
    {
        return array_values(array_filter($this->lit(), static fn(Step $step): bool => $step instanceof PaintStep));
    }

    /** @return list<PaintStep> every paint step, switched off ones too */
    public function coatsOnOrOff(): array
    {
        return array_values(array_filter($this->steps, static fn(Step $step): bool => $step instanceof PaintStep));
    }

    /** Number of a step on the ladder, counted from 1; 0 when it is not there. */
    public function number(string $stepId): int
    {
        foreach ($this->steps as $i => $step) {
            if ($step->id === $stepId) {
                return $i + 1;
            }
        }

        return 0;
    }
}
