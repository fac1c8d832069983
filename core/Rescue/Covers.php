<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Rescue;

use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Laid;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Coat\Thinned;
use Hawkbrush\Core\Coat\Weight;

/** What a mishap may be covered with: each paint of the rack, and what lay there once more. */
final readonly class Covers
{
    /** Close up, with little air. Common practice, no published source. */
    private const PSI = 12.0;

    private const STROKES = 2;

    /** @param array<string, Paint> $rack */
    public function __construct(private Damage $damage, private array $rack, private PlaceFilm $film) {}

    /** So many coats of a mix over all of it. */
    public static function one(Damage $damage, Mixture $mixture, int $coats): Coat
    {
        $laid = new Laid($coats, Weight::Medium, self::PSI, self::STROKES);

        return Patch::of('cover', new Thinned($mixture, 0.0), $damage->place, $laid);
    }

    /**
     * @param list<int> $numbers of coats
     *
     * @return \Generator<Coat>
     */
    public function of(array $numbers): \Generator
    {
        foreach ($this->rack as $paint) {
            $mixture = Mixture::only($paint);
            if ($mixture->optics() === null) {
                continue;
            }
            foreach ($numbers as $coats) {
                yield self::one($this->damage, $mixture, $coats);
            }
        }
    }

    /**
     * None of what lay there once more, the last of it, the last two, and so on.
     *
     * @param list<Coat> $below
     *
     * @return list<array<string, Coat>> by id of the step that is done again
     */
    public function repeats(array $below): array
    {
        $there = array_values(array_filter($below, $this->film->lands(...)));
        $again = [];
        $repeats = [[]];
        foreach (array_reverse($there) as $coat) {
            $again = [$coat->id => Patch::again($coat->id.'-again', $coat, $this->damage->place)] + $again;
            $repeats[] = $again;
        }

        return $repeats;
    }
}
