<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Order;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Render\Films;

/**
 * The bait as a list of all the stacks of films that stand anywhere on it, each once: what a coat after another makes of the
 * bait is drawn on these. Two orders are held against each other where they differ most.
 */
final class Samples
{
    private const COLUMNS = 96;

    private const AROUND = 64;

    /** Of two orders only the difference counts: half of the bands tell it. */
    private const BANDS = Bands::EverySecond;

    /** So many samples are looked at before all are. */
    private const FIRST = 16;

    /** @var list<array<int, float>> by coat: share of the full thickness, by sample */
    private array $shares;

    private readonly Surface $cells;

    /** @var non-empty-list<Field> all samples under the first of today's coats: none, one, two … */
    private array $today;

    /** @var list<Films|null> by coat */
    private array $films = [];

    /** @var array<int, float> all samples on which anything lies */
    private array $all = [];

    /** @var array<int, true> samples that have told two orders apart, the last one last */
    private array $telling = [];

    private readonly StateColours $colours;

    /** @param list<Coat> $coats in today's order */
    public function __construct(private readonly array $coats, Surface $surface, private readonly Climate $climate)
    {
        $this->colours = new StateColours(self::BANDS);
        [$this->shares, $count] = Stacks::of($coats, $surface);
        // Any surface of the body with cells enough: only their numbers are used.
        $this->cells = $count <= $surface->rows * $surface->columns
            ? $surface
            : Surface::of($surface->body, 2 * self::COLUMNS, 2 * self::AROUND);
        foreach ($this->shares as $shares) {
            $this->all += $shares;
        }
        // Today's order is what all others begin as.
        $this->today = [Field::bare($this->cells, self::BANDS)];
        foreach ($coats as $number => $coat) {
            $this->films[] = Films::of($coat, self::BANDS);
            $this->today[] = $this->today[$number]->with($coat, $climate, Coverage::shares($this->shares[$number]), $this->films[$number]);
        }
    }

    /** @param list<Coat> $coats */
    public static function on(array $coats, Body $body, Climate $climate): self
    {
        return new self($coats, Surface::of($body, self::COLUMNS, self::AROUND), $climate);
    }

    /** Whether two coats lie on each other anywhere. */
    public function meet(int $one, int $other): bool
    {
        return array_intersect_key($this->shares[$one], $this->shares[$other]) !== [];
    }

    /**
     * The greatest difference anywhere between two orders of the coats, DeltaE00 under clear, in flat light or at the glint.
     *
     * @param list<int> $one numbers of the coats
     * @param list<int> $other the same in another order
     * @param float $most once they differ by more, it is looked no further: then what is answered is any difference above it
     * @param array<int, mixed>|null $among samples by number; null: all
     */
    public function difference(array $one, array $other, float $most = INF, ?array $among = null): float
    {
        $first = $this->tellingOf($among);
        if (is_finite($most) && $first !== []) {
            $worst = $this->worst($one, $other, $first, $most);
            if ($worst > $most) {
                return $worst;
            }
        }

        return $this->worst($one, $other, $among, $most);
    }

    /**
     * @param list<int> $one
     * @param list<int> $other
     * @param array<int, mixed>|null $among
     */
    private function worst(array $one, array $other, ?array $among, float $most): float
    {
        $cells = array_keys($among ?? $this->all);
        $shares = $this->renumbered($cells);
        // Up to where they part, both are drawn as one.
        $same = 0;
        while (isset($one[$same]) && $one[$same] === $other[$same]) {
            $same++;
        }
        $both = $this->field(\array_slice($one, 0, $same), $cells, $shares);
        $a = $this->under($both, \array_slice($one, $same), $shares);
        $b = $this->under($both, \array_slice($other, $same), $shares);
        $worst = 0.0;
        $seen = [];
        foreach ($cells as $place => $cell) {
            $pair = $a->left[$place] << 32 | $b->left[$place];
            if (isset($seen[$pair])) {
                continue;
            }
            $seen[$pair] = true;
            $worst = max($worst, $this->colours->between($a->states[$a->left[$place]], $b->states[$b->left[$place]]));
            if ($worst > $most) {
                // The last one that told is the first to be asked next time.
                unset($this->telling[$cell]);
                $this->telling[$cell] = true;

                return $worst;
            }
        }

        return $worst;
    }

    /**
     * Where other orders were told apart; failing that, where most lies.
     *
     * @param array<int, mixed>|null $among
     *
     * @return array<int, mixed>
     */
    private function tellingOf(?array $among): array
    {
        $telling = $among === null ? $this->telling : array_intersect_key($this->telling, $among);
        if ($among === null || $telling !== []) {
            return \array_slice($telling, -self::FIRST, null, true);
        }
        arsort($among);

        return \array_slice($among, 0, self::FIRST, true);
    }

    /**
     * What a coat is laid on where it is thickest and most.
     *
     * @param list<int> $before numbers of the coats below it
     */
    public function ground(array $before, int $coat): FilmState
    {
        $shares = $this->shares[$coat];
        arsort($shares);
        $cell = array_key_first($shares) ?? 0;
        $field = Field::bare($this->cells);
        foreach ($before as $below) {
            $here = array_intersect_key($this->shares[$below], [$cell => true]);
            $field = $field->with($this->coats[$below], $this->climate, Coverage::shares($here));
        }

        return $field->states[$field->left[$cell]];
    }

    /** @return array<int, float> samples on which both lie */
    public function both(int $one, int $other): array
    {
        return array_intersect_key($this->shares[$one], $this->shares[$other]);
    }

    /**
     * What of each coat lies on some of the samples, by their place among them.
     *
     * @param list<int> $cells
     *
     * @return list<Coverage> by coat
     */
    private function renumbered(array $cells): array
    {
        $places = array_flip($cells);

        return array_map(static function (array $shares) use ($places): Coverage {
            $here = [];
            foreach (array_intersect_key($shares, $places) as $cell => $share) {
                $here[$places[$cell]] = $share;
            }

            return Coverage::shares($here);
        }, $this->shares);
    }

    /**
     * @param list<int> $order
     * @param list<int> $cells samples
     * @param list<Coverage> $coverages of them, by coat
     *
     * @return Field of these samples, in their order
     */
    private function field(array $order, array $cells, array $coverages): Field
    {
        // Up to where it is no longer today's, it is drawn already.
        $same = 0;
        while (isset($order[$same], $this->today[$same + 1]) && $order[$same] === $same) {
            $same++;
        }

        return $this->under($this->today[$same]->at($cells), \array_slice($order, $same), $coverages);
    }

    /**
     * @param list<int> $coats
     * @param list<Coverage> $coverages by coat
     */
    private function under(Field $field, array $coats, array $coverages): Field
    {
        foreach ($coats as $coat) {
            $field = $field->with($this->coats[$coat], $this->climate, $coverages[$coat], $this->films[$coat]);
        }

        return $field;
    }
}
