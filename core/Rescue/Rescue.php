<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Rescue;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Laid;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Coat\Thinned;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Step\Step;

/**
 * It went wrong: the ways to go on, each drawn to the end of the pattern and held against the plan. Leave it (later coats
 * cover it), cover it (with a paint of the rack, and some of the steps below once more), hide it (a later colour laid over it
 * too), or start again from the base.
 */
final readonly class Rescue
{
    private const COLUMNS = 128;

    private const AROUND = 64;

    /** A cover has at most so many coats, a later colour is widened by at most so many. */
    private const MOST_COATS = 4;

    private const MOST_HIDING = 3;

    /** So many of the best covers and hidings are told. */
    private const TOLD = 3;

    /** Within this of the plan at its place, it is taken back. DeltaE00. */
    private const BACK = 3.0;

    private PlaceFilm $film;

    private Covers $covers;

    /** @var list<Coat> of the pattern until the mishap, its own among them; and after it */
    private array $before;

    /** @var list<Coat> */
    private array $after;

    private Field $planned;

    private Field $hurt;

    private Effort $effort;

    /** @var \WeakMap<Way, Field> how each comes out */
    private \WeakMap $ends;

    /** @param array<string, Paint> $rack */
    private function __construct(private Recipe $recipe, private string $stepId, private Damage $damage, array $rack, Climate $climate)
    {
        $landings = new Landings(Surface::of($recipe->body, self::COLUMNS, self::AROUND));
        $cover = Covers::one($damage, $damage->coat->mixture, 1);
        $this->film = PlaceFilm::under($damage->coat, $cover, $landings, $climate);
        $this->covers = new Covers($damage, $rack, $this->film);
        $this->effort = new Effort($landings, $climate, $recipe->step($stepId) ?? throw Refused::at('/step', 'There is no such step.'));
        $this->ends = new \WeakMap();
        $coats = $recipe->coats();
        $at = (int) array_search($stepId, array_map(static fn(Coat $coat): string => $coat->id, $coats), true);
        $this->before = \array_slice($coats, 0, $at + 1);
        $this->after = \array_slice($coats, $at + 1);
        $this->planned = $this->film->over($this->film->bare(), $coats);
        $below = \array_slice($coats, 0, match ($damage->mishap) {
            Mishap::Lifted => 0,
            Mishap::WrongPaint => $at,
            default => $at + 1,
        });
        $this->hurt = $this->film->over($this->film->over($this->film->bare(), $below), [$damage->coat]);
    }

    /**
     * @param string $stepId of a step that lays paint
     * @param array<string, Paint> $rack
     *
     * @return array{list<Way>, string|null} best first; and the first later step after which only the base brings it back
     */
    public static function of(Recipe $recipe, string $stepId, Damage $damage, array $rack, Climate $climate): array
    {
        $rescue = new self($recipe, $stepId, $damage, $rack, $climate);

        return [$rescue->ways(), $rescue->pointOfNoReturn()];
    }

    /** @return list<Way> */
    private function ways(): array
    {
        $leave = $this->drawn('leave', [], [], $this->after);
        $covers = $hidings = [];
        $repeats = $this->covers->repeats($this->before);
        foreach ($repeats as $again) {
            if ($again !== []) {
                $covers[] = $this->drawn('cover', array_values($again), array_keys($again), $this->after);
            }
        }
        foreach ($this->covers->of(range(1, self::MOST_COATS)) as $cover) {
            foreach ($repeats as $again) {
                $covers[] = $this->drawn('cover', [$cover, ...array_values($again)], array_keys($again), $this->after);
            }
        }
        foreach ($this->after as $i => $later) {
            for ($coats = 1; $coats <= self::MOST_HIDING && $later->byAir() && $later->optics() !== null; $coats++) {
                $hidings[] = $this->hiding($i, $coats);
            }
        }
        $ways = [$leave, ...self::best($covers), ...self::best($hidings), $this->fromTheBase()];
        // What comes out worse than doing nothing is no way.
        $ways = array_values(array_filter($ways, static fn(Way $way): bool => $way === $leave || $way->deltaE < $leave->deltaE));
        usort($ways, Way::order(...));

        return array_map(fn(Way $way): Way => isset($this->ends[$way])
            ? $way->with($this->film->byZone($this->ends[$way], $this->planned)) : $way, $ways);
    }

    /**
     * The best few, no two of them with the same paint after the same step.
     *
     * @param list<Way> $ways
     *
     * @return list<Way>
     */
    private static function best(array $ways): array
    {
        usort($ways, Way::order(...));
        $best = [];
        foreach ($ways as $way) {
            $best[$way->after.' '.($way->coats[0] ?? null)?->mixture->name()] ??= $way;
        }

        return \array_slice(array_values($best), 0, self::TOLD);
    }

    private function pointOfNoReturn(): ?string
    {
        $field = $this->hurt;
        $coats = $this->before;
        foreach ($this->after as $i => $later) {
            $field = $this->film->over($field, [$later]);
            $coats[] = $later;
            if ($this->film->lands($later) && ! $this->comesBack($field, $coats, \array_slice($this->after, $i + 1))) {
                return $later->id;
            }
        }

        return null;
    }

    /**
     * @param list<Coat> $below
     * @param list<Coat> $after
     */
    private function comesBack(Field $field, array $below, array $after): bool
    {
        if ($this->film->there($this->film->over($field, $after), $this->planned) <= self::BACK) {
            return true;
        }
        // All of it once more is from the base.
        $repeats = \array_slice($this->covers->repeats($below), 0, -1);
        foreach ($this->covers->of([2, self::MOST_COATS]) as $cover) {
            $covered = $this->film->over($field, [$cover]);
            foreach ($repeats as $again) {
                if ($this->film->there($this->film->over($covered, [...array_values($again), ...$after]), $this->planned) <= self::BACK) {
                    return true;
                }
            }
        }

        return false;
    }

    private function hiding(int $at, int $coats): Way
    {
        $later = $this->after[$at];
        $wider = Patch::of(
            'hide', new Thinned($later->mixture, $later->thinning), $this->damage->place,
            new Laid($coats, $later->weight, $later->psi, $later->strokes),
        );
        $order = [...\array_slice($this->after, 0, $at + 1), $wider, ...\array_slice($this->after, $at + 1)];

        return $this->drawn('hide', [$wider], [], $order, $later->id);
    }

    private function fromTheBase(): Way
    {
        $number = $this->recipe->number($this->stepId);
        $again = array_values(array_filter(\array_slice($this->recipe->steps, 0, $number), static fn(Step $step): bool => $step->on));
        $ids = array_map(static fn(Step $step): string => $step->id, $again);

        return new Way('again', [], null, 0.0, [], $this->effort->of($again), $ids);
    }

    /**
     * @param 'leave'|'cover'|'hide'|'again' $kind
     * @param list<Coat> $added
     * @param list<string> $again ids of the steps that some of them repeat
     * @param list<Coat> $after what follows, with what is added among it
     */
    private function drawn(string $kind, array $added, array $again, array $after, ?string $where = null): Way
    {
        $first = $kind === 'cover' ? $added : [];
        $end = $this->film->over($this->hurt, [...$first, ...$after]);

        $way = new Way(
            $kind,
            $added,
            $added === [] ? null : $where ?? $this->stepId,
            $this->film->overBait($end, $this->planned),
            [],
            $this->effort->ofCoats($added),
            $again,
        );
        $this->ends[$way] = $end;

        return $way;
    }
}
