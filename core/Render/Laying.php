<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;

/** One coat being laid over the cells of a field: each pair of film state and thickness is worked out once. */
final class Laying
{
    /** After so many films that were all unlike, no more are compared. */
    private const TRIED = 48;

    /** Comparing pays when one in so many is like another. */
    private const WORTH = 4;

    /** @var array<int, int> state after, by state before and thickness */
    private array $after = [];

    /** @var array<int|string, int> state by fingerprint */
    private array $alike = [];

    /** @var array<int, array{int, int}> state before and thickness, by state made */
    private array $laid = [];

    private bool $merges;

    private int $merged = 0;

    private readonly bool $blends;

    /** @var array{int, int, int, int, int} numbers of the bands in which films are compared */
    private readonly array $compared;

    /**
     * @param list<FilmState> $states
     * @param Films $films of the coat
     * @param bool $wet whether the coat stays wet, so that what it lies on must be remembered
     */
    public function __construct(
        private array $states,
        private readonly Layer $layer,
        private readonly Films $films,
        private readonly bool $wet,
    ) {
        $this->merges = ! $wet;
        $this->blends = $layer->blends();
        $at = $layer->bands->at(...);
        $this->compared = [$at(440), $at(500), $at(540), $at(600), $at(660)];
    }

    /**
     * @param list<int> $cells state by cell
     * @param array<int, float> $shares of the full thickness, by cell
     *
     * @return list<int> state by cell under the coat
     */
    public function over(array $cells, array $shares): array
    {
        $after = $this->after;
        // Coverage::stepped, written out: this runs for every cell of every coat.
        $full = Coverage::FULL;
        foreach ($shares as $cell => $share) {
            $key = ($cells[$cell] << 4) | (int) ($share * $full + 0.5);
            $cells[$cell] = $after[$key] ??= $this->lay($key);
        }
        $this->after = $after;

        // Every cell was there before: nothing to renumber, and this tells it to the type checker.
        return array_values($cells);
    }

    /**
     * The full coat on every cell.
     *
     * @param list<int> $cells state by cell
     *
     * @return list<int> state by cell under the coat
     */
    public function evenly(array $cells): array
    {
        $next = [];
        foreach (array_keys(array_flip($cells)) as $state) {
            $next[$state] = $this->after[($state << 4) | Coverage::FULL] ??= $this->lay(($state << 4) | Coverage::FULL);
        }
        if (\count($next) === 1) {
            return array_fill(0, \count($cells), current($next));
        }

        return array_map(static fn(int $state): int => $next[$state], $cells);
    }

    /** @return list<FilmState> all there are by now */
    public function states(): array
    {
        return $this->states;
    }

    /** @return array<int, array{int, int}> */
    public function laid(): array
    {
        return $this->laid;
    }

    private function lay(int $key): int
    {
        $before = $key >> 4;
        $q = $key & 15;
        $below = $this->states[$before];
        $film = $this->films->at($q);
        if (! $this->merges && ! $this->blends && ! $this->wet) {
            $this->states[] = $below->under($film);

            return \count($this->states) - 1;
        }
        $state = $this->blends ? $this->layer->blend($this->states, $before, $q) : null;
        $number = \count($this->states);
        if ($this->merges) {
            // Most films resemble an earlier one; plain films are compared before all their bands are computed.
            $plain = $state === null && $below->plain && $film->plain;
            $state ??= $plain ? null : $below->under($film);
            $print = $state === null ? $this->printUnder($below->r, $film) : $this->fingerprint($state);
            $known = $this->alike[$print] ??= $number;
            if ($known !== $number) {
                $this->merged++;

                return $known;
            }
            // Looking for films alike costs more than it saves unless the coat covers, or there are very many.
            $this->merges = \count($this->alike) < self::TRIED || $this->merged * self::WORTH > \count($this->alike);
        }
        $this->states[] = $state ?? $below->under($film);
        if ($this->wet) {
            $this->laid[$number] = [$before, $q];
        }

        return $number;
    }

    /** States that no eye could tell apart (to 1/4096 in five bands, of glint and glow to 1/1024 in three) go on as one. */
    private function fingerprint(FilmState $state): int|string
    {
        $print = 0;
        foreach ($this->compared as $i) {
            $print = $print << 12 | (int) ($state->r[$i] * 4096);
        }
        $glint = $state->glint;
        $glow = $state->glow;
        if ($state->plain) {
            return $print;
        }
        [, $blue, $green, $orange] = $this->compared;
        $more = $glint ?? [0.0, 0.0, 0.0];

        return $print.' '.((int) ($more[0] * 1024) << 20 | (int) ($more[1] * 1024) << 10 | (int) ($more[2] * 1024))
            .(
                $glow === null
                    ? ''
                    : ' '.((int) ($glow[$blue] * 1024) << 20 | (int) ($glow[$green] * 1024) << 10 | (int) ($glow[$orange] * 1024))
            )
            .implode(' ', array_map(static fn(float $light): int => (int) ($light * 1024), $state->seldom ?? []));
    }

    /**
     * The fingerprint of a plain state under a plain film, as {@see FilmState::under} would make it.
     *
     * @param list<float> $r of the state
     */
    private function printUnder(array $r, Film $film): int
    {
        $over = $film->r;
        $t2 = $film->t2;
        $print = 0;
        foreach ($this->compared as $i) {
            $own = $over[$i];
            $print = $print << 12 | (int) (($own + $t2[$i] * $r[$i] / (1 - $own * $r[$i])) * 4096);
        }

        return $print;
    }
}
