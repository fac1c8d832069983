<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Order;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Field;

/**
 * The bait as a list of all the stacks of films that stand anywhere on it, each once: what a coat after another makes of the
 * bait is drawn on these. Two orders are held against each other where they differ most.
 */
final class Samples
{
    private const COLUMNS = 96;

    private const AROUND = 64;

    /** @var list<array<int, float>> by coat: share of the full thickness, by sample */
    private array $shares;

    private readonly Surface $cells;

    /** @var array<string, Field> drawn so far, by order of coats */
    private array $drawn = [];

    /** @var \WeakMap<FilmState, array{Lab, Lab|null}> */
    private \WeakMap $colours;

    /** @param list<Coat> $coats in today's order */
    public function __construct(private readonly array $coats, Surface $surface, private readonly Climate $climate)
    {
        $this->colours = new \WeakMap();
        [$this->shares, $count] = self::stacks($coats, $surface);
        // Any surface of the body with cells enough: only their numbers are used.
        $this->cells = $count <= $surface->rows * $surface->columns
            ? $surface
            : Surface::of($surface->body, 2 * self::COLUMNS, 2 * self::AROUND);
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
     * @param array<int, mixed>|null $among samples by number; null: all
     */
    public function difference(array $one, array $other, ?array $among = null): float
    {
        $a = $this->field($one);
        $b = $this->field($other, $among);
        $worst = 0.0;
        $seen = [];
        foreach ($among ?? $this->all() as $cell => $_) {
            $pair = $a->left[$cell].' '.$b->left[$cell];
            if (! isset($seen[$pair])) {
                $seen[$pair] = true;
                $worst = max($worst, $this->between($a->states[$a->left[$cell]], $b->states[$b->left[$cell]]));
            }
        }

        return $worst;
    }

    /**
     * What a coat is laid on where it is thickest and most.
     *
     * @param list<int> $before numbers of the coats below it
     */
    public function ground(array $before, int $coat): FilmState
    {
        $field = $this->field($before);
        $shares = $this->shares[$coat];
        arsort($shares);

        return $field->states[$field->left[array_key_first($shares) ?? 0]];
    }

    /** @return array<int, float> samples on which both lie */
    public function both(int $one, int $other): array
    {
        return array_intersect_key($this->shares[$one], $this->shares[$other]);
    }

    /** @return array<int, float> */
    private function all(): array
    {
        $all = [];
        foreach ($this->shares as $shares) {
            $all += $shares;
        }

        return $all;
    }

    /**
     * @param list<int> $order
     * @param array<int, mixed>|null $among
     */
    private function field(array $order, ?array $among = null): Field
    {
        $field = Field::bare($this->cells);
        $key = '';
        foreach ($order as $at => $coat) {
            $key .= $coat.' ';
            if (isset($this->drawn[$key])) {
                $field = $this->drawn[$key];

                continue;
            }
            $shares = $among === null ? $this->shares[$coat] : array_intersect_key($this->shares[$coat], $among);
            $field = $field->with($this->coats[$coat], $this->climate, Coverage::shares($shares));
            // Today's order is what others branch off from.
            if ($among === null && $coat === $at) {
                $this->drawn[$key] = $field;
            }
        }

        return $field;
    }

    private function between(FilmState $one, FilmState $other): float
    {
        [$flat, $glint] = $this->colours[$one] ??= self::seen($one);
        [$otherFlat, $otherGlint] = $this->colours[$other] ??= self::seen($other);

        return max(
            DeltaE2000::between($flat, $otherFlat),
            $glint === null && $otherGlint === null ? 0.0 : DeltaE2000::between($glint ?? $flat, $otherGlint ?? $otherFlat),
        );
    }

    /** @return array{Lab, Lab|null} */
    private static function seen(FilmState $state): array
    {
        return [$state->colour(SurfaceFinish::Clear)->lab, $state->atMirror(SurfaceFinish::Clear)?->lab];
    }

    /**
     * @param list<Coat> $coats
     *
     * @return array{list<array<int, float>>, int}
     */
    private static function stacks(array $coats, Surface $surface): array
    {
        $cells = $both = [];
        foreach ($coats as $number => $coat) {
            $landed = Coverage::land($coat, $surface);
            foreach ($landed->mirrored ? [$landed->left] : [$landed->left, $landed->right] as $side => $shares) {
                foreach ($shares as $cell => $share) {
                    $step = (int) round(Coverage::stepped($share) * Coverage::FULL);
                    if ($step > 0) {
                        $cells[$side][$cell][$number] = $step;
                    }
                }
            }
            // What is alike on both sides lies on the right too, where other coats differ.
            $both[$number] = $landed->mirrored;
        }
        foreach (isset($cells[1]) ? ($cells[0] ?? []) : [] as $cell => $stack) {
            foreach ($stack as $number => $step) {
                if ($both[$number]) {
                    $cells[1][$cell][$number] = $step;
                }
            }
        }
        $shares = array_fill(0, \count($coats), []);
        $known = [];
        foreach ($cells as $side) {
            foreach ($side as $stack) {
                ksort($stack);
                $named = static fn(int $number, int $step): string => "{$number}:{$step}";
                $key = implode(',', array_map($named, array_keys($stack), $stack));
                if (isset($known[$key])) {
                    continue;
                }
                $sample = $known[$key] = \count($known);
                foreach ($stack as $number => $step) {
                    $shares[$number][$sample] = $step / Coverage::FULL;
                }
            }
        }

        return [$shares, \count($known)];
    }
}
