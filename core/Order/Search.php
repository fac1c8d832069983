<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Order;

/**
 * The lawful order with the fewest minutes: the cheapest beginning is taken up first, with the least that the rest can cost
 * (A*; Hart, Nilsson and Raphael, IEEE Trans. Systems Science and Cybernetics 4, 100 (1968)). Of equals, the one nearest to
 * today's. Exact, unless there are too many beginnings; then the best found by moving one block at a time.
 */
final readonly class Search
{
    /** Of a ladder of twenty blocks; of a longer one as many fewer as each takes longer, for they hardly ever suffice. */
    private const MOST_BEGINNINGS = 6000;

    /** So many orders are drawn at most while blocks are moved. */
    private const MOST_LOOKS = 300;

    private Moves $moves;

    public function __construct(private Exchanges $exchanges, private Cost $minutes, private int $count)
    {
        $this->moves = new Moves($exchanges, $minutes);
    }

    /**
     * @param callable(list<int>): bool $holds whether the bait stays the same; asked of complete orders, the best first
     *
     * @return list<int> blocks; today's order where nothing better holds
     */
    public function best(callable $holds): array
    {
        if ($this->count === 0) {
            return [];
        }
        $today = range(0, $this->count - 1);
        $found = $this->cheapestFirst($holds, array_sum($this->minutes->of($today)));

        return $found ?? $this->byMoves($today, $holds);
    }

    /**
     * @param callable(list<int>): bool $holds
     *
     * @return list<int>|null null where there were too many beginnings
     */
    private function cheapestFirst(callable $holds, float $todayMin): ?array
    {
        $blocks = range(0, $this->count - 1);
        $least = array_map($this->minutes->least(...), $blocks);
        // One of them is the first, and is not cleaned for.
        $spared = max(array_map($this->minutes->leastCleaning(...), $blocks));
        $all = (1 << $this->count) - 1;
        /** @var \SplMinHeap<array{float, list<int>, float, int, int, int, float}> $open */
        $open = new \SplMinHeap();
        $open->insert([0.0, [], 0.0, 0, -1, 0, array_sum($least)]);
        $taken = [];
        $most = self::MOST_BEGINNINGS / max(1, ($this->count / 20) ** 3);
        for ($tried = 0; ! $open->isEmpty() && $tried < $most; $tried++) {
            [, $order, $cost, $mask, $colour, $soft, $rest] = $open->extract();
            if ($mask === $all) {
                if ($holds($order)) {
                    return $order;
                }

                continue;
            }
            // Another way to the same place costs no less; few are kept, for when the first does not hold.
            $place = "{$mask} {$colour} {$soft}";
            $taken[$place] = ($taken[$place] ?? 0) + 1;
            if ($this->count > 7 && $taken[$place] > 1) {
                continue;
            }
            for ($block = 0; $block < $this->count; $block++) {
                if ($mask & 1 << $block || ($this->exchanges->before[$block] & ~$mask) !== 0) {
                    continue;
                }
                [$clean, $wait, $nextColour, $nextSoft] = $this->minutes->add($block, $colour, $soft);
                $next = $cost + $clean + $wait;
                $left = $rest - $least[$block];
                if ($next <= $todayMin + 1e-9) {
                    // Rounded: orders of equal cost differ by their order alone.
                    $bound = $nextColour < 0 ? max(0.0, $left - $spared) : $left;
                    $open->insert([
                        round($next + $bound, 6), [...$order, $block], $next, $mask | 1 << $block, $nextColour, $nextSoft, $left,
                    ]);
                }
            }
        }

        return null;
    }

    /**
     * One block at a time, the cheapest move first; where the bait does not stay the same, the next.
     *
     * @param list<int> $order
     * @param callable(list<int>): bool $holds
     *
     * @return list<int>
     */
    private function byMoves(array $order, callable $holds): array
    {
        $seen = [];
        $looks = self::MOST_LOOKS;
        do {
            $better = false;
            foreach ($this->moves->cheaper($order) as $moved) {
                $name = implode(' ', $moved);
                if (isset($seen[$name])) {
                    continue;
                }
                $seen[$name] = true;
                if ($looks-- <= 0) {
                    return $order;
                }
                if ($holds($moved)) {
                    $order = $moved;
                    $better = true;
                    break;
                }
            }
        } while ($better);

        return $order;
    }
}
