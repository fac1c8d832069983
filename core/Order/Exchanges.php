<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Order;

use Hawkbrush\Core\Air\CleanOut;

/**
 * Which blocks of a ladder may change places: each pair is drawn as neighbours, one order and the other, the rest as it is
 * today. What stands between two that may not is kept too, so that it need not be drawn.
 */
final class Exchanges
{
    /** @var array<int, array<int, float>> greatest DeltaE00 on the bait, by the block that comes first today and the other */
    public readonly array $deltaE;

    /** @var list<int> bits of the blocks that have to come before each */
    public readonly array $before;

    /** @param list<list<int>> $coats numbers of the coats of each block */
    public function __construct(private readonly Ladder $ladder, private readonly Samples $samples, private readonly array $coats)
    {
        $count = \count($ladder->blocks);
        $before = array_fill(0, $count, 0);
        $deltaE = [];
        for ($late = 0; $late < $count; $late++) {
            // The nearest first: what must come before it brings along all that must come before that.
            for ($early = $late - 1; $early >= 0; $early--) {
                if ($before[$late] & 1 << $early) {
                    continue;
                }
                if ($ladder->stretch[$early] === $ladder->stretch[$late]) {
                    $difference = $this->exchanged($early, $late);
                    if ($difference <= CleanOut::UNSEEN) {
                        $deltaE[$early][$late] = $difference;

                        continue;
                    }
                }
                $before[$late] |= 1 << $early | $before[$early];
            }
        }
        $this->before = array_values($before);
        $this->deltaE = $deltaE;
    }

    /**
     * @param list<int> $order of blocks
     *
     * @return list<int> numbers of the coats
     */
    public function coatsOf(array $order): array
    {
        return array_merge([], ...array_map(fn(int $block): array => $this->coats[$block], $order));
    }

    /**
     * The same order with one block moved.
     *
     * @param list<int> $order
     *
     * @return list<int>
     */
    public static function moved(array $order, int $from, int $to): array
    {
        $taken = array_splice($order, $from, 1);
        array_splice($order, $to, 0, $taken);

        return $order;
    }

    private function exchanged(int $early, int $late): float
    {
        $among = [];
        foreach ($this->coats[$early] as $one) {
            foreach ($this->coats[$late] as $other) {
                $among += $this->samples->both($one, $other);
            }
        }
        if ($among === []) {
            return 0.0;
        }
        $today = range(0, \count($this->ladder->blocks) - 1);
        $kept = self::moved($today, $early, $late - 1);
        $changed = self::moved($today, $early, $late);

        return $this->samples->difference($this->coatsOf($kept), $this->coatsOf($changed), CleanOut::UNSEEN, $among);
    }
}
