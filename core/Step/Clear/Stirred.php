<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step\Clear;

use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Laid;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Coat\Place;
use Hawkbrush\Core\Coat\PutOn;
use Hawkbrush\Core\Coat\SetBy;
use Hawkbrush\Core\Coat\Setting;
use Hawkbrush\Core\Coat\SprayAim;
use Hawkbrush\Core\Coat\Thinned;
use Hawkbrush\Core\Coat\Weight;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Techniques;

/**
 * Glitter, pearl or colour stirred into a clear and laid in one place: silver to the belly, black to the back. It lies in the
 * clear as a film of its own: what is stirred in, by volume, times the thickness of the clear. Flakes that an eye tells apart
 * lie side by side; finer and denser ones are an even film.
 */
final readonly class Stirred
{
    /** A sheet that glitter is cut from, um: 12 to 50 are sold. A guess. */
    private const SHEET_UM = 25.0;

    /** More flakes to the square centimetre than this run together to the eye. A guess. */
    private const TOLD_APART = 120.0;

    /**
     * @param float $share of the clear, by volume
     * @param float $flakeMm 0: a powder
     */
    public function __construct(public Paint $paint, public float $share, public float $flakeMm, public Place $place) {}

    public static function fields(): Fields
    {
        return new Fields(
            Field::text('paint', 60),
            Field::number('percent', 0.1, 10)->asFigure('stirred_percent'),
            Field::number('flake_mm', 0, 2)->or(0),
            Field::document('where'),
        );
    }

    /**
     * @param array<string, Paint> $paints by id
     *
     * @throws Refused
     */
    public static function read(Node $node, array $paints): self
    {
        $in = self::fields()->in($node);

        return new self(
            Paint::named($node->field('paint'), $paints),
            $in->number('percent') / 100,
            $in->number('flake_mm'),
            Place::read($node->field('where')),
        );
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        return [
            'paint' => $this->paint->id, 'percent' => round($this->share * 100, 4), 'flake_mm' => $this->flakeMm,
            'where' => $this->place->document(),
        ];
    }

    /** What is done with it, in a sentence. */
    public function says(): string
    {
        $percent = rtrim(rtrim(\sprintf('%.1f', 100 * $this->share), '0'), '.');

        return "Stir {$percent} % {$this->paint->name} into ".($this->place->cuts() ? "what goes on the {$this->place->label()}." : 'it.');
    }

    public function of(Paint $paint): self
    {
        return new self($paint, $this->share, $this->flakeMm, $this->place);
    }

    /**
     * As a film in the clear of a step.
     *
     * @param float $clearUm of all its coats
     * @param int $seed for where flakes fall
     */
    public function film(string $stepId, float $clearUm, int $seed): Coat
    {
        $um = $clearUm * $this->share;
        $flakes = $this->flakesPerCm2($um);

        return $flakes > 0 && $flakes <= self::TOLD_APART
            ? $this->laid($stepId, self::SHEET_UM, $seed, Techniques::named('glitter'), [
                'flake_mm' => max(0.1, $this->flakeMm), 'per_cm2' => max(1.0, $flakes),
            ])
            : $this->laid($stepId, $um, $seed, Techniques::named('spray'), []);
    }

    /** How many flakes of a given width make a film of a given thickness. */
    private function flakesPerCm2(float $um): float
    {
        return $this->flakeMm > 0 ? 100 * $um / self::SHEET_UM / (M_PI * ($this->flakeMm / 2) ** 2) : 0.0;
    }

    /** @param array<string, float> $choices */
    private function laid(string $stepId, float $dryUm, int $seed, Technique $technique, array $choices): Coat
    {
        // A coat's film follows from weight, coats and solids; those are chosen so that it comes out as it lies in the clear.
        $wetUm = Weight::Heavy->wetUm($technique->tool());
        $coats = max(1, (int) ceil($dryUm / $wetUm));

        return new Coat(
            $stepId,
            new Thinned(Mixture::only($this->paint->withSolids($dryUm / $wetUm / $coats)), 0.0),
            new PutOn($technique, Choices::read($technique, Node::root($choices)), $seed),
            $this->place,
            new SprayAim(),
            new Laid($coats, Weight::Heavy, 1.0, 1),
            new Setting(SetBy::Heat),
        );
    }
}
