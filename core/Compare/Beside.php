<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Compare;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Difference;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Field;

/** One zone of two baits laid side by side, each zone by its mean light; the bodies need not be the same. */
final readonly class Beside
{
    /** Zones are large: a quarter of the cells of a picture either way tells their mean as well. */
    private const COLUMNS = 64;

    private const AROUND = 32;

    public Difference $difference;

    private function __construct(public Zone $zone, public Colour $one, public Colour $other)
    {
        $this->difference = new Difference($one->lab, $other->lab);
    }

    /** @return list<self> of all zones but the whole */
    public static function between(Recipe $one, Recipe $other, SurfaceFinish $finish): array
    {
        $zones = array_values(array_filter(Zone::cases(), static fn(Zone $zone): bool => $zone !== Zone::Whole));
        $ofOne = self::colours($one, $finish, $zones);
        $ofOther = self::colours($other, $finish, $zones);

        return array_map(static fn(Zone $zone): self => new self($zone, $ofOne[$zone->value], $ofOther[$zone->value]), $zones);
    }

    /** @return list<self> what a step does to the zones it covers, the most changed first; none where it lays nothing */
    public static function byStep(Recipe $recipe, string $stepId, SurfaceFinish $finish): array
    {
        $coat = $recipe->step($stepId)?->coat();
        if ($coat === null) {
            return [];
        }
        $surface = Surface::of($recipe->body, self::COLUMNS, self::AROUND);
        $means = new ZoneColours($surface);
        $below = $recipe->with(\array_slice($recipe->steps, 0, $recipe->number($stepId) - 1));
        $before = Field::painted($below, $surface, Climate::ordinary());
        $coverage = Coverage::land($coat, $surface);
        $zones = $means->under($coverage);
        $was = $means->of($before, $finish, $zones);
        $is = $means->of($before->with($coat, Climate::ordinary(), $coverage), $finish, $zones);
        $all = array_map(static fn(Zone $zone): self => new self($zone, $was[$zone->value], $is[$zone->value]), $zones);
        usort($all, static fn(self $a, self $b): int => $b->difference->deltaE <=> $a->difference->deltaE);

        return $all;
    }

    /**
     * @param list<Zone> $zones
     *
     * @return array<string, Colour>
     */
    private static function colours(Recipe $recipe, SurfaceFinish $finish, array $zones): array
    {
        $surface = Surface::of($recipe->body, self::COLUMNS, self::AROUND);

        return (new ZoneColours($surface))->of(Field::painted($recipe, $surface, Climate::ordinary()), $finish, $zones);
    }
}
