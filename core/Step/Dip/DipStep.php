<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step\Dip;

use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Hazard;
use Hawkbrush\Core\Coat\Laid;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Place;
use Hawkbrush\Core\Coat\PutOn;
use Hawkbrush\Core\Coat\SetBy;
use Hawkbrush\Core\Coat\Setting;
use Hawkbrush\Core\Coat\SprayAim;
use Hawkbrush\Core\Coat\Thinned;
use Hawkbrush\Core\Coat\Weight;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Step\Head;
use Hawkbrush\Core\Step\Job;
use Hawkbrush\Core\Step\WholeBait;
use Hawkbrush\Core\Step\Work;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Techniques;

/**
 * Dips a soft body into molten vinyl: clear, or with colour stirred in. What of a bottle is stirred in thins out in the vinyl
 * as in reducer, but nothing leaves: the skin is as thick as it comes out and sets as it cools.
 */
final readonly class DipStep extends WholeBait
{
    /** Where the base of the tail begins: left out, it keeps the tail free to swim. */
    private const TAIL_BASE_U = 0.88;

    /** At least so far it goes in, as a share of its length. */
    private const LEAST_DEPTH_U = 0.2;

    /** Hung until it is cold enough to touch. A guess. */
    private const COOLS_MIN = 8.0;

    /** Stirring colour in, wiring the bait, and taking the drop off when it is cold. A guess. */
    private const HANDS_MIN = 1.5;

    /**
     * @param Coat|null $coat the coloured skin; null: clear vinyl
     */
    public function __construct(
        Head $head,
        private ?Coat $coat,
        private float $colourPercent,
        private Weight $weight,
        private int $dips,
        private float $toU,
        private float $meltC,
        private float $cupMl,
    ) {
        parent::__construct($head);
    }

    public static function kind(): string
    {
        return 'dip';
    }

    public static function fields(): Fields
    {
        /** @var Fields|null $fields */
        static $fields = null;

        return $fields ??= new Fields(
            Field::list('mix', 0, Mixture::MOST_PAINTS)->or([])->asFigure('paints_in_mix'),
            Field::number('colour_percent', 5, 100)->or(10),
            Field::choice('weight', Weight::names())->or(Weight::Medium->value),
            Field::whole('dips', 1, 4)->or(1),
            Field::number('to_u', self::LEAST_DEPTH_U, 1)->or(self::TAIL_BASE_U),
            Field::number('melt_c', 140, 200)->or(168),
            Field::number('cup_ml', 20, 2000)->or(120),
        );
    }

    public static function read(Head $head, Node $document, array $paints): static
    {
        $in = self::fields()->among($document);
        $percent = $in->number('colour_percent');
        $weight = Weight::from($in->choice('weight', Weight::names()));
        $dips = $in->whole('dips');
        $toU = $in->number('to_u');
        $technique = Techniques::molten();
        $coat = $in->items('mix') === [] ? null : new Coat(
            $head->id,
            new Thinned(Mixture::read($document->field('mix'), $paints), 1 - $percent / 100),
            new PutOn($technique, Choices::read($technique, Node::root([])), 1),
            Place::range(0, $toU, 0, 180, 0),
            new SprayAim(),
            new Laid($dips, $weight, 1.0, 1),
            new Setting(SetBy::Air, self::COOLS_MIN),
        );

        return new self(
            $head,
            $coat,
            $percent,
            $weight,
            $dips,
            $toU,
            $in->number('melt_c'),
            $in->number('cup_ml'),
        );
    }

    public function document(): array
    {
        return [
            'mix' => $this->coat === null ? [] : $this->coat->mixture->document(),
            'colour_percent' => $this->colourPercent,
            'weight' => $this->weight->value,
            'dips' => $this->dips,
            'to_u' => $this->toU,
            'melt_c' => $this->meltC,
            'cup_ml' => $this->cupMl,
        ];
    }

    public function name(): string
    {
        return $this->coat === null ? 'Clear dip' : 'Dip, '.$this->coat->mixture->name();
    }

    public function how(bool $maskIsOn = false, ?Habits $habits = null): string
    {
        $melt = Melt::of($this->cupMl, $this->meltC, Climate::ordinary()->airC);

        return implode(' ', [
            \sprintf(
                'Heated a minute, then half a minute at a time; after each, stir with metal, never with wood, and measure: it is dipped '
                .'at about %.0f °C, and never hotter than %.0f °C.',
                $this->meltC,
                Melt::NEVER_C,
            ),
            'Hold the bait by the rear on a wire and dip it nose first'
                .($this->toU < 0.99 ? ', the base of the tail left out' : '')
                .'; slowly in, slower out, the drop back into the cup.',
            \sprintf('Hang it by the tail until it is cold%s, then trim the drip off.', $this->dips > 1 ? ' between the dips' : ''),
            \sprintf(
                'When it draws threads, heat half a minute more: about every %s.',
                $melt->dipsPerHeat === 1 ? 'dip' : $melt->dipsPerHeat.' dips',
            ),
        ]);
    }

    public function work(Job $job): Work
    {
        $melt = Melt::of($this->cupMl, $this->meltC, $job->climate->airC);
        $hands = $melt->readyMin() + $melt->dippingMin($job->baits * $this->dips) + self::HANDS_MIN * $job->baits;

        return new Work($hands, $this->restMin(), 'to hang until it is cold', melt: $melt, stirs: $this->stirs());
    }

    public function restMin(): float
    {
        return self::COOLS_MIN * $this->dips;
    }

    public function hazards(): array
    {
        return [Hazard::Vinyl, Hazard::Blade];
    }

    public function coat(): ?Coat
    {
        return $this->coat;
    }

    public function withCoat(Coat $coat): static
    {
        return new self($this->head, $coat, $this->colourPercent, $this->weight, $this->dips, $this->toU, $this->meltC, $this->cupMl);
    }

    public function meltC(): float
    {
        return $this->meltC;
    }

    /** @return list<array{paintId: string, name: string, ml: float}> of each bottle, into one cup of vinyl */
    private function stirs(): array
    {
        $mixture = $this->coat?->mixture;
        if ($mixture === null) {
            return [];
        }
        $ml = $this->cupMl * $this->colourPercent / 100 / $mixture->ml();

        return array_map(
            static fn(array $part): array => [
                'paintId' => $part[0]->id, 'name' => $part[0]->name, 'ml' => $ml * $part[1] * $part[0]->dropMl,
            ],
            $mixture->parts,
        );
    }
}
