<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Order;

/** Orders with one block moved, and what each costs. */
final readonly class Moves
{
    public function __construct(private Exchanges $exchanges, private Cost $minutes) {}

    /**
     * @param list<int> $order
     *
     * @return list<list<int>> orders with one block moved that cost less, the cheapest first; of equals, the nearest to today's
     */
    public function cheaper(array $order): array
    {
        $standings = $this->standings($order);
        $now = $standings[\count($order)][0] - 1e-6;
        $cheaper = [];
        foreach ($order as $from => $_) {
            foreach ($this->placesIn($order, $from) as $to) {
                $moved = Exchanges::moved($order, $from, $to);
                $cost = $this->changed($moved, min($from, $to), max($from, $to), $standings);
                if ($cost < $now) {
                    $cheaper[] = [round($cost, 6), $moved];
                }
            }
        }
        sort($cheaper);

        return array_column($cheaper, 1);
    }

    /**
     * Where one block may go while the others keep their order.
     *
     * @param list<int> $order
     *
     * @return list<int> places in the order without it
     */
    public function placesIn(array $order, int $from): array
    {
        $places = [];
        $block = $order[$from];
        for ($to = $from - 1; $to >= 0 && ($this->exchanges->before[$block] & 1 << $order[$to]) === 0; $to--) {
            $places[] = $to;
        }
        for ($to = $from + 1; $to < \count($order) && ($this->exchanges->before[$order[$to]] & 1 << $block) === 0; $to++) {
            $places[] = $to;
        }

        return $places;
    }

    /**
     * Where an order stands before each of its blocks, and after the last.
     *
     * @param list<int> $order
     *
     * @return non-empty-list<array{float, int, int}> minutes so far, colour and soft
     */
    private function standings(array $order): array
    {
        $minutes = 0.0;
        $colour = -1;
        $soft = 0;
        $standings = [[$minutes, $colour, $soft]];
        foreach ($order as $block) {
            [$clean, $wait, $colour, $soft] = $this->minutes->add($block, $colour, $soft);
            $minutes += $clean + $wait;
            $standings[] = [$minutes, $colour, $soft];
        }

        return $standings;
    }

    /**
     * What an order costs that is another with some of its blocks changed about: only these are looked at, and those after
     * them until both stand alike.
     *
     * @param list<int> $order
     * @param int $from the first place that is another block's
     * @param int $to the last
     * @param non-empty-list<array{float, int, int}> $known {@see self::standings} of the other
     */
    private function changed(array $order, int $from, int $to, array $known): float
    {
        [$minutes, $colour, $soft] = $known[$from];
        $count = \count($order);
        for ($at = $from; $at < $count; $at++) {
            [$before, $knownColour, $knownSoft] = $known[$at];
            if ($at > $to && $colour === $knownColour && $soft === $knownSoft) {
                return $minutes + $known[$count][0] - $before;
            }
            [$clean, $wait, $colour, $soft] = $this->minutes->add($order[$at], $colour, $soft);
            $minutes += $clean + $wait;
        }

        return $minutes;
    }
}
