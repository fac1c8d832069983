<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Pattern\Recipe;

/**
 * The film over a whole body. A cell carries only the number of its film state: a lure of 20 steps has a few thousand
 * states, not a spectrum for each of its 32768 cells. A step maps (state, thickness) to the next state, each pair
 * computed once. Fields are values: the field before a step can be kept and used again when that step is edited.
 */
final readonly class Field
{
    /**
     * @param list<FilmState> $states
     * @param list<int> $left state by cell of the left half
     * @param list<int> $right state by cell of the right half, in the left half's order
     * @param array<int, array{int, int}> $laid state before and thickness (in twelfths), by state the last coat made
     */
    private function __construct(
        public Surface $surface,
        public Bands $bands,
        public array $states,
        public array $left,
        public array $right,
        public bool $mirrored,
        private ?Coat $lastCoat,
        private array $laid,
        private OpenSprays $sprays,
    ) {}

    /** @param Bands $bands which its films follow; every second is enough for a picture */
    public static function bare(Surface $surface, Bands $bands = Bands::All, ?OpenSprays $sprays = null): self
    {
        $body = $surface->body;
        $cells = array_fill(0, $surface->rows * $surface->columns, 0);

        return new self(
            $surface,
            $bands,
            [FilmState::ground($bands->of($body->ground->values), $body->shine->glint($body->ground))],
            $cells,
            $cells,
            true,
            null,
            [],
            $sprays ?? new OpenSprays($surface),
        );
    }

    /**
     * The same field as it was when it was given by {@see toArray}.
     *
     * @param array<mixed> $plain
     */
    public static function fromArray(Surface $surface, Bands $bands, OpenSprays $sprays, array $plain): self
    {
        /** @var array{list<float>, array<int, array{array{float, float, float}|null, list<float>|null, array{float, float, float, float, float, float}|null}>, list<int>, list<int>|null} $plain */
        [$reflectances, $lights, $left, $right] = $plain;
        $many = \count($bands->of(Spectrum::flat(0)->values));
        $states = [];
        for ($i = 0, $all = intdiv(\count($reflectances), $many); $i < $all; $i++) {
            $states[] = FilmState::fromArray(\array_slice($reflectances, $i * $many, $many), $lights[$i] ?? null);
        }

        return new self($surface, $bands, $states, $left, $right ?? $left, $right === null, null, [], $sprays);
    }

    /** @return array<mixed>|null as numbers and lists of them, with the states that are in sight; null while its last coat is wet */
    public function toArray(): ?array
    {
        if ($this->laid !== []) {
            return null;
        }
        $numbers = $reflectances = $lights = [];
        foreach (array_keys(array_flip($this->left) + array_flip($this->right)) as $state) {
            $number = $numbers[$state] = \count($numbers);
            foreach ($this->states[$state]->r as $value) {
                $reflectances[] = $value;
            }
            if (! $this->states[$state]->plain) {
                $lights[$number] = $this->states[$state]->lights();
            }
        }
        $renumbered = static fn(int $state): int => $numbers[$state];

        return [
            $reflectances, $lights, array_map($renumbered, $this->left), $this->mirrored ? null : array_map($renumbered, $this->right),
        ];
    }

    /** After all coats of a recipe up to and with the step of that id (null: all). */
    public static function painted(
        Recipe $recipe,
        Surface $surface,
        Climate $climate,
        ?string $upto = null,
        Bands $bands = Bands::All,
    ): self {
        $field = self::bare($surface, $bands);
        foreach ($recipe->upTo($upto) as $step) {
            foreach ($step->films() as $coat) {
                $field = $field->with($coat, $climate);
            }
            $field = $field->under($step->overAll());
        }

        return $field;
    }

    /**
     * The same films on some of its cells only, numbered anew from 0: what lands on them is given by these numbers.
     *
     * @param list<int> $cells
     */
    public function at(array $cells): self
    {
        $left = array_map(fn(int $cell): int => $this->left[$cell], $cells);
        $right = $this->mirrored ? $left : array_map(fn(int $cell): int => $this->right[$cell], $cells);

        return new self(
            $this->surface,
            $this->bands,
            $this->states,
            $left,
            $right,
            $this->mirrored,
            $this->lastCoat,
            $this->laid,
            $this->sprays,
        );
    }

    /**
     * With a film over all of it alike.
     *
     * @param array{Optics, float}|null $over what, and how thick in um; null: none
     */
    public function under(?array $over): self
    {
        if ($over === null) {
            return $this;
        }
        $film = Film::of($over[0], $over[1], $this->bands);

        return new self(
            $this->surface,
            $this->bands,
            array_map(static fn(FilmState $state): FilmState => $state->under($film), $this->states),
            $this->left,
            $this->right,
            $this->mirrored,
            // What lies below it cannot run into what comes.
            null,
            [],
            $this->sprays,
        );
    }

    /**
     * @param Coverage|null $coverage where the coat lands, if that is known already
     * @param Films|null $films of the coat in these bands, where it is drawn again and again
     */
    public function with(Coat $coat, Climate $climate, ?Coverage $coverage = null, ?Films $films = null): self
    {
        $optics = $coat->optics();
        if ($optics === null) {
            return $this;
        }
        $coverage ??= Coverage::land($coat, $this->surface, $this->sprays);
        $lay = new Layer($coat, $optics, $this->lastCoat, $this->laid, $climate, $this->bands);
        // A wet coat must be remembered by the film it lies on.
        $films ??= new Films($coat, $optics, $this->bands);
        $laying = new Laying($this->states, $lay, $films, $coat->wetShare($climate) > 0);
        $mirrored = $this->mirrored && $coverage->mirrored;
        $left = $coverage->even ? $laying->evenly($this->left) : $laying->over($this->left, $coverage->left);
        $right = match (true) {
            $mirrored => $left,
            $coverage->even => $laying->evenly($this->right),
            default => $laying->over($this->right, $coverage->right),
        };

        return new self($this->surface, $this->bands, $laying->states(), $left, $right, $mirrored, $coat, $laying->laid(), $this->sprays);
    }
}
