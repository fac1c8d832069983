<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Pattern;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\CoatDocument;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Coat\Place;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Handle\Handles;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Splattered;
use Hawkbrush\Core\Technique\Technique;

/**
 * A paint step to begin with: the base first, then pearl along the side, shoulder and back, each with the figures that are
 * usual there. All of it is common practice, no published source.
 */
final readonly class FreshPaint
{
    private UsualPaint $usual;

    /**
     * @param list<Coat> $before the coats below it
     * @param list<Paint> $rack with something in the bottle
     */
    private function __construct(private Body $body, private array $before, private array $rack)
    {
        $this->usual = new UsualPaint($before, $rack);
    }

    /**
     * @param int $position on the ladder, counted from 0
     * @param list<Paint> $rack with something in the bottle
     * @param array{float, float}|null $at u and degrees where its mark is to stand
     *
     * @return array<string, mixed> a step without its id
     *
     * @throws Refused when the rack is empty
     */
    public static function at(Recipe $recipe, int $position, Technique $technique, array $rack, ?array $at): array
    {
        if ($rack === []) {
            throw Refused::because('There is no paint on the rack yet. Add one, then the step.');
        }
        $before = $recipe->with(\array_slice($recipe->steps, 0, $position))->coats();
        $fresh = new self($recipe->body, $before, $rack);
        $step = self::isOpen($technique) ? $fresh->sprayed($technique) : $fresh->marked($technique);

        return ['type' => 'paint'] + ($at === null ? $step : $fresh->movedTo($step, $at));
    }

    /**
     * The same of a paint or a place that the painter has named; what is not named is as usual.
     *
     * @param list<Paint> $rack with something in the bottle
     * @param string|null $side left or right; null: both
     *
     * @return array<string, mixed> a step without its id
     *
     * @throws Refused when the rack is empty
     */
    public static function named(
        Recipe $recipe,
        int $position,
        Technique $technique,
        array $rack,
        ?Paint $paint,
        ?Zone $zone,
        ?string $side,
    ): array {
        $usual = self::at($recipe, $position, $technique, $rack, null);
        $fresh = new self($recipe->body, $recipe->with(\array_slice($recipe->steps, 0, $position))->coats(), $rack);
        $step = match (true) {
            $paint === null && $zone === null => $usual,
            self::isOpen($technique) => $fresh->sprayedWith($technique, $paint ?? $fresh->usual->on($zone), $zone),
            default => $fresh->marked($technique, $paint, $zone),
        };
        $place = $zone ?? (self::isOpen($technique) ? Zone::tryFrom(self::zoneOf($step)) : null);

        return ['type' => 'paint']
            + ($side === null ? [] : ['where' => ['zone' => self::zoneOf($step), 'side' => $side]])
            + ($place === null || $technique instanceof Placed ? [] : ['aim_deg' => Place::zone($place)->usualAimDeg()])
            + $step;
    }

    /** @param array<string, mixed> $step */
    private static function zoneOf(array $step): string
    {
        return Node::root($step)->field('where')->field('zone')->choice(Zone::names());
    }

    /** @return array<string, mixed> */
    private function sprayedWith(Technique $technique, Paint $paint, ?Zone $zone): array
    {
        $all = $zone === null || $zone === Zone::Whole;

        return match (true) {
            $all && ! $this->hasBase() && \in_array($paint->kind, UsualPaint::BASES, true) => $this->base($technique, $paint),
            \in_array($paint->kind, [Kind::Pearl, Kind::Metallic], true) => $this->step(
                $technique, $zone ?? Zone::Flank, $paint, coats: 1, weight: 'light', psi: 6, thinning: 0,
            ),
            \in_array($paint->kind, [Kind::Transparent, Kind::Ink], true) => $this->step(
                $technique, $zone ?? Zone::Back, $paint, coats: 2, weight: 'light', psi: 12, thinning: 60,
            ),
            default => $this->step($technique, $zone ?? Zone::Back, $paint, coats: 1, weight: 'light', psi: 12, thinning: 20),
        };
    }

    private function hasBase(): bool
    {
        return array_filter(
            $this->before,
            static fn(Coat $coat): bool => self::isOpen($coat->technique) && ! $coat->place->cuts(),
        ) !== [];
    }

    /** Whether it is the open spray: nothing between the brush and the bait, and no marks of its own. */
    private static function isOpen(Technique $technique): bool
    {
        return $technique->sprayed() && ! $technique instanceof Placed && ! $technique->press()->masks();
    }

    /** @return array<string, mixed> */
    private function sprayed(Technique $technique): array
    {
        $has = fn(callable $is): bool => array_filter($this->before, $is) !== [];
        $aimed = static fn(Coat $coat): ?float => self::isOpen($coat->technique) ? $coat->place->usualAimDeg() : null;

        return match (true) {
            ! $this->hasBase() => $this->base(
                $technique,
                $this->usual->base(),
            ),
            ! $has(static fn(Coat $coat): bool => $coat->mixture->parts[0][0]->kind === Kind::Pearl) => $this->step(
                $technique, Zone::Flank, $this->usual->pearl(), coats: 1, weight: 'light', psi: 6, thinning: 0,
            ),
            ! $has(static fn(Coat $coat): bool => \in_array($aimed($coat), [30.0, 60.0], true)) => $this->step(
                $technique, Zone::Shoulder, $this->usual->shade(), coats: 2, weight: 'light', psi: 12, thinning: 60,
            ),
            default => $this->step($technique, Zone::Back, $this->usual->back(), coats: 2, weight: 'light', psi: 10, thinning: 60),
        };
    }

    /** @return array<string, mixed> */
    private function marked(Technique $technique, ?Paint $paint = null, ?Zone $zone = null): array
    {
        $zone ??= $technique instanceof Placed ? Zone::Whole : Zone::Flank;
        [$psi, $thinning] = match (true) {
            $technique instanceof Splattered => [2, 60],
            ! $technique->sprayed() => [15, 0],
            $technique->press()->presses() => [10, 40],
            $technique->press()->masks() => [5, 60],
            default => [10, 20],
        };

        return $this->step($technique, $zone, $paint ?? $this->usual->mark($technique), 1, 'light', $psi, $thinning);
    }

    /** @return array<string, mixed> */
    private function base(Technique $technique, Paint $paint): array
    {
        return $this->step($technique, Zone::Whole, $paint, coats: 2, weight: 'medium', psi: 38, thinning: 0, strokes: 6);
    }

    /** @return array<string, mixed> */
    private function step(
        Technique $technique,
        Zone $zone,
        Paint $paint,
        int $coats,
        string $weight,
        int $psi,
        int $thinning,
        int $strokes = 4,
    ): array {
        return [
            'mix' => [['paint' => $paint->id, 'drops' => 1]],
            'technique' => ['name' => $technique->name()],
            'where' => ['zone' => $zone->value],
            'aim_deg' => $technique instanceof Placed ? 90.0 : Place::zone($zone)->usualAimDeg(),
            'coats' => $coats,
            'weight' => $weight,
            'psi' => $psi,
            'thinning_percent' => $thinning,
            'strokes' => $strokes,
            'set' => ['by' => 'heat', 'minutes' => 0],
        ];
    }

    /**
     * @param array<string, mixed> $step
     * @param array{float, float} $at
     *
     * @return array<string, mixed>
     */
    private function movedTo(array $step, array $at): array
    {
        foreach (['mark', 'front', 'edge', 'row'] as $id) {
            $coat = CoatDocument::read('fresh', Node::root($step), array_column($this->rack, null, 'id'));
            foreach (Handles::of($coat, $this->body) as $handle) {
                $step = $handle->id === $id ? [...$step, ...Handles::move($coat, $this->body, $id, $at[0], $at[1], true)] : $step;
            }
        }
        // Aimed at where it stands.
        $deg = $at[1] > 180 ? 360 - $at[1] : $at[1];

        return $step['aim_deg'] === null ? $step : [...$step, 'aim_deg' => Place::range(0, 1, $deg, $deg, 0)->usualAimDeg()];
    }
}
