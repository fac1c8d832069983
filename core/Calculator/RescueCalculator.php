<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\CoatDocument;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Coat\Place;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Rescue\Damage;
use Hawkbrush\Core\Rescue\Mishap;
use Hawkbrush\Core\Rescue\Rescue;
use Hawkbrush\Core\Rescue\Way;

/** The ways to go on after something went wrong on the bait. */
final class RescueCalculator implements Calculator
{
    private const MOST_PAINTS = 60;

    private const LEAST_LAID = 0.05;

    private const MOST_LAID = 4.0;

    private const MOST_MM = 100.0;

    public function name(): string
    {
        return 'rescue';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  recipe (a recipe document), step (id), fault: too-dark, too-much, too-large, off, overspray, lifted, wrong-paint or run;
                 where {u, theta_deg, radius_mm} or zone; optional laid (0.05 to 4 times the planned film);
                 rack {id: paint}; paint (id in the rack: which went on, for wrong-paint)
            out: ways [{kind: leave, cover, hide or again, steps [], after (id that they follow), delta_e: mean over the bait,
                 zones {}, minutes, again [step ids]}] best first (to a tenth of delta_e, then by minutes);
                 mishap: what went wrong, as a step after that one; point_of_no_return (step id or null)
            TEXT;
    }

    public function example(): array
    {
        return [
            'recipe' => Examples::recipe(),
            'step' => 'scales',
            'fault' => 'too-much',
            'where' => ['u' => 0.5, 'theta_deg' => 20, 'radius_mm' => 6],
            'rack' => ['white' => ['hex' => '#f2f2ee', 'kind' => 'opaque'], 'moss' => ['hex' => '#5d7051', 'kind' => 'transparent']],
        ];
    }

    public function calculate(Node $in): array
    {
        $in->only(['recipe', 'step', 'fault', 'where', 'zone', 'laid', 'rack', 'paint']);
        $recipe = RecipeReader::read($in->field('recipe'));
        $rack = [];
        foreach ($in->optional('rack')?->fields(self::MOST_PAINTS) ?? [] as $id => $paint) {
            $rack[(string) $id] = Paint::read((string) $id, $paint);
        }
        $step = $in->field('step')->text(40);
        $coat = $recipe->step($step)?->coat();
        if ($coat === null || $coat->optics() === null || ! \in_array($coat, $recipe->coats(), true)) {
            throw $in->field('step')->refuse("Step “{$step}” lays no paint: choose a paint step that is on.");
        }
        $damage = Damage::of(
            Mishap::from($in->field('fault')->choice(Mishap::names())),
            $coat,
            self::place($in, $recipe),
            $in->optional('laid')?->number(self::LEAST_LAID, self::MOST_LAID),
            $in->has('paint') ? Paint::named($in->field('paint'), $rack) : null,
            $recipe->body,
        );
        [$ways, $point] = Rescue::of($recipe, $step, $damage, $rack, Climate::ordinary());

        return [
            'ways' => array_map(self::way(...), $ways),
            'mishap' => self::document($damage->coat),
            'point_of_no_return' => $point,
        ];
    }

    /** @throws Refused */
    private static function place(Node $in, Recipe $recipe): Place
    {
        if ($in->has('zone')) {
            return Place::zone(Zone::from($in->field('zone')->choice(Zone::names())));
        }
        $where = $in->field('where');
        $where->only(['u', 'theta_deg', 'radius_mm']);

        return Damage::round(
            $recipe->body,
            $where->field('u')->number(0, 1),
            $where->field('theta_deg')->number(0, 360),
            $where->field('radius_mm')->number(0.5, self::MOST_MM),
        );
    }

    /** @return array<string, mixed> */
    private static function way(Way $way): array
    {
        return [
            'kind' => $way->kind,
            'steps' => array_map(self::document(...), $way->coats),
            'after' => $way->after,
            'delta_e' => round($way->deltaE, 3),
            'zones' => (object) array_map(static fn(float $delta): float => round($delta, 3), $way->zones),
            'minutes' => round($way->minutes, 1),
            'again' => $way->again,
        ];
    }

    /** @return array<string, mixed> */
    private static function document(Coat $coat): array
    {
        return ['id' => $coat->id, 'type' => 'paint'] + CoatDocument::write($coat);
    }
}
