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
use Hawkbrush\Core\Render\Places;

/** The films at the place of a mishap: what lies elsewhere is as planned, and is not drawn again. */
final class PlaceFilm
{
    /** Of a full coat: where less of the mishap lands, nothing of it is seen. */
    private const LANDS = 0.05;

    /** Places looked at, spread over the mishap. */
    private const PLACES = 60;

    /** @var \WeakMap<Coat, array<int, float>> share by number of the place */
    private \WeakMap $shares;

    /** @var array<string, list<float>> how much of each cell belongs to a zone, by its name */
    private array $belongs = [];

    private readonly StateColours $colours;

    /**
     * @param int $halves of the bait that it lies on alike
     */
    private function __construct(
        private readonly Coat $mishap,
        private readonly Landings $landings,
        private readonly Climate $climate,
        private readonly bool $right,
        private readonly Places $places,
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
        $places = Places::of($half, self::LANDS, self::PLACES);

        return new self($mishap, $landings, $climate, $right, $places, $mishap->place->side === null ? 2 : 1);
    }

    public function bare(): Field
    {
        return Field::bare($this->landings->surface, Bands::EveryThird)->at($this->places->cells);
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
                $mm2 = $this->landings->surface->areaMm2;
                $within = array_map(static fn(float $share, float $cell): float => $share * $cell, $this->belongs($zone), $mm2);
                $zones[$zone->value] = $sum / (2 * array_sum($within));
            }
        }

        return $zones;
    }

    private function sum(Field $one, Field $other, ?Zone $zone): float
    {
        $sum = 0.0;
        $belongs = $zone === null ? null : $this->belongs($zone);
        foreach ($this->places->cells as $place => $cell) {
            $mm2 = $this->landings->surface->areaMm2[$cell] * ($belongs === null ? 1.0 : $belongs[$cell]);
            $differs = $this->colours->between($one->states[$one->left[$place]], $other->states[$other->left[$place]]);
            $sum += $this->halves * $this->places->stands * $mm2 * $differs;
        }

        return $sum;
    }

    /** @return list<float> by cell: how much of it belongs to a zone */
    private function belongs(Zone $zone): array
    {
        $surface = $this->landings->surface;
        $extent = $zone->extent($surface->body);

        return $this->belongs[$zone->value] ??= array_map(
            static fn(int $cell): float => $extent->at(
                $surface->u[$cell % $surface->columns],
                $surface->theta[intdiv($cell, $surface->columns)],
            ),
            array_keys($surface->areaMm2),
        );
    }

    /** @return array<int, float> */
    private function shares(Coat $coat): array
    {
        if (! isset($this->shares[$coat])) {
            $coverage = $this->landings->of($coat);
            $this->shares[$coat] = $this->places->at($this->right ? $coverage->right : $coverage->left);
        }

        return $this->shares[$coat];
    }
}
