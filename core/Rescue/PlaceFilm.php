<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Rescue;

use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Order\StateColours;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Field;

/** The films at the place of a mishap: what lies elsewhere is as planned, and is not drawn again. */
final class PlaceFilm
{
    /** Of a full coat: where less of the mishap lands, nothing of it is seen. */
    private const LANDS = 0.05;

    /** Places looked at, spread over the mishap. */
    private const PLACES = 60;

    /** @var \WeakMap<Coat, array<int, float>> share by number of the place */
    private \WeakMap $shares;

    private readonly StateColours $colours;

    /**
     * @param list<int> $cells looked at
     * @param float $stands how many cells each of them stands for
     * @param int $halves of the bait that it lies on alike
     */
    private function __construct(
        private readonly Coat $mishap,
        private readonly Landings $landings,
        private readonly Climate $climate,
        private readonly bool $right,
        private readonly array $cells,
        private readonly float $stands,
        private readonly int $halves,
    ) {
        $this->shares = new \WeakMap();
        $this->colours = new StateColours(Bands::EveryThird);
    }

    /** @param Coat $cover that reaches over all of the mishap */
    public static function under(Coat $mishap, Coat $cover, Landings $landings, Climate $climate): self
    {
        $right = $mishap->place->isRight();
        $coverage = $landings->of($cover);
        $half = $right ? $coverage->right : $coverage->left;
        $all = array_keys(array_filter($half, static fn(float $share): bool => $share >= self::LANDS));
        sort($all);
        $each = max(1.0, \count($all) / self::PLACES);
        $cells = [];
        for ($i = 0.0; $i < \count($all); $i += $each) {
            $cells[] = $all[(int) $i];
        }

        return new self($mishap, $landings, $climate, $right, $cells, $each, $mishap->place->side === null ? 2 : 1);
    }

    public function bare(): Field
    {
        return Field::bare($this->landings->surface, Bands::EveryThird)->at($this->cells);
    }

    /** @param list<Coat> $coats */
    public function over(Field $field, array $coats): Field
    {
        foreach ($coats as $coat) {
            $shares = $this->shares($coat);
            if ($shares !== []) {
                $field = $field->with($coat, $this->climate, Coverage::shares($shares));
            }
        }

        return $field;
    }

    public function lands(Coat $coat): bool
    {
        return $this->shares($coat) !== [];
    }

    /** DeltaE00 at the place, its mean, each spot by how much of the mishap landed there. */
    public function there(Field $one, Field $other): float
    {
        return $this->colours->mean($one, $other, $this->shares($this->mishap));
    }

    /** DeltaE00 over the bait, its mean by area. */
    public function overBait(Field $one, Field $other): float
    {
        return $this->sum($one, $other, null) / (2 * array_sum($this->landings->surface->areaMm2));
    }

    /** @return array<string, float> DeltaE00 of each zone that it touches, its mean by area */
    public function byZone(Field $one, Field $other): array
    {
        $zones = [];
        foreach (Zone::cases() as $zone) {
            $sum = $this->sum($one, $other, $zone);
            if ($sum > 0) {
                $whole = 0.0;
                foreach ($this->landings->surface->areaMm2 as $cell => $mm2) {
                    $whole += 2 * $mm2 * $this->belongs($cell, $zone);
                }
                $zones[$zone->value] = $sum / $whole;
            }
        }

        return $zones;
    }

    private function sum(Field $one, Field $other, ?Zone $zone): float
    {
        $sum = 0.0;
        foreach ($this->cells as $place => $cell) {
            $counts = $zone === null ? 1.0 : $this->belongs($cell, $zone);
            $mm2 = $this->halves * $this->stands * $this->landings->surface->areaMm2[$cell] * $counts;
            $sum += $mm2 * $this->colours->between($one->states[$one->left[$place]], $other->states[$other->left[$place]]);
        }

        return $sum;
    }

    private function belongs(int $cell, Zone $zone): float
    {
        $surface = $this->landings->surface;

        return $zone->weight($surface->body, $surface->u[$cell % $surface->columns], $surface->theta[intdiv($cell, $surface->columns)]);
    }

    /** @return array<int, float> */
    private function shares(Coat $coat): array
    {
        if (! isset($this->shares[$coat])) {
            $coverage = $this->landings->of($coat);
            $half = $this->right ? $coverage->right : $coverage->left;
            $shares = [];
            foreach ($this->cells as $place => $cell) {
                if (isset($half[$cell])) {
                    $shares[$place] = $half[$cell];
                }
            }
            $this->shares[$coat] = $shares;
        }

        return $this->shares[$coat];
    }
}
