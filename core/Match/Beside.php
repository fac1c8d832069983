<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Drying\Room;
use Hawkbrush\Core\Film\Look;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Render\Field;

/** One zone of two baits laid side by side, each zone by its mean light; the bodies need not be the same. */
final readonly class Beside
{
    /** DeltaE00 that hardly anybody sees. */
    private const SEEN = 1.0;

    /** Steps of L*, a* or b* that come to none in whole ones. */
    private const WORTH = 0.5;

    /** Zones are large: a quarter of the cells of a picture either way tells their mean as well. */
    private const COLUMNS = 64;

    private const AROUND = 32;

    public float $deltaE;

    private function __construct(public Zone $zone, public Colour $one, public Colour $other)
    {
        $this->deltaE = DeltaE2000::between($one->lab, $other->lab);
    }

    /** @return list<self> of all zones but the whole */
    public static function between(Recipe $one, Recipe $other, Look $look): array
    {
        $zones = array_values(array_filter(Zone::cases(), static fn(Zone $zone): bool => $zone !== Zone::Whole));
        $ofOne = self::colours($one, $look, $zones);
        $ofOther = self::colours($other, $look, $zones);

        return array_map(static fn(Zone $zone): self => new self($zone, $ofOne[$zone->value], $ofOther[$zone->value]), $zones);
    }

    /** How the other is beside the one, the most first, in the words of the axes of L*a*b*; nothing where no eye tells them apart. */
    public function words(): string
    {
        if ($this->deltaE < self::SEEN) {
            return '';
        }
        $by = [];
        foreach ([
            [$this->other->lab->l - $this->one->lab->l, 'lighter', 'darker'],
            [$this->other->lab->a - $this->one->lab->a, 'redder', 'greener'],
            [$this->other->lab->b - $this->one->lab->b, 'yellower', 'bluer'],
        ] as [$more, $up, $down]) {
            if (abs($more) >= self::WORTH) {
                $by[\sprintf('%.0f %s', abs($more), $more > 0 ? $up : $down)] = abs($more);
            }
        }
        arsort($by);

        return $by === [] ? 'a shade off' : implode(', ', array_keys($by));
    }

    /**
     * @param list<Zone> $zones
     *
     * @return array<string, Colour>
     */
    private static function colours(Recipe $recipe, Look $look, array $zones): array
    {
        $surface = Surface::of($recipe->body, self::COLUMNS, self::AROUND);

        return (new ZoneColours($surface))->of(Field::of($recipe, $surface, Room::ordinary()), $look, $zones);
    }
}
