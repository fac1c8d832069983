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
    /** What differs by no more as soon as both lie is not made to differ visibly by what comes over it. */
    private const AT_ONCE = CleanOut::UNSEEN / 4;

    /** @var list<array{int, int}> blocks that may change places, the one that comes first today first */
    private readonly array $pairs;

    /** @var list<int> bits of the blocks that have to come before each */
    public readonly array $before;

    /** @param list<list<int>> $coats numbers of the coats of each block */
    public function __construct(private readonly Ladder $ladder, private readonly Samples $samples, private readonly array $coats)
    {
        $count = \count($ladder->blocks);
        $before = array_fill(0, $count, 0);
        $pairs = [];
        for ($late = 0; $late < $count; $late++) {
            // The nearest first: what must come before it brings along all that must come before that.
            for ($early = $late - 1; $early >= 0; $early--) {
                if ($before[$late] & 1 << $early) {
                    continue;
                }
                if ($ladder->stretch[$early] === $ladder->stretch[$late] && $this->holds($early, $late)) {
                    $pairs[] = [$early, $late];

                    continue;
                }
                $before[$late] |= 1 << $early | $before[$early];
            }
        }
        $this->before = array_values($before);
        $this->pairs = $pairs;
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

    /** @return array<int, array<int, float>> greatest DeltaE00 on the finished bait, by the block that comes first today and the other */
    public function deltaE(): array
    {
        $deltaE = [];
        foreach ($this->pairs as [$early, $late]) {
            $difference = $this->exchanged($early, $late, $this->among($early, $late), null);
            if ($difference <= CleanOut::UNSEEN) {
                $deltaE[$early][$late] = $difference;
            }
        }
        ksort($deltaE);

        return $deltaE;
    }

    private function holds(int $early, int $late): bool
    {
        $among = $this->among($early, $late);

        return $among === [] || $this->exchanged($early, $late, $among, $late + 1) <= self::AT_ONCE
            || $this->exchanged($early, $late, $among, null) <= CleanOut::UNSEEN;
    }

    /** @return array<int, float> samples on which both lie */
    private function among(int $early, int $late): array
    {
        $among = [];
        foreach ($this->coats[$early] as $one) {
            foreach ($this->coats[$late] as $other) {
                $among += $this->samples->both($one, $other);
            }
        }

        return $among;
    }

    /**
     * @param array<int, float> $among samples
     * @param int|null $blocks so many lie; null: all
     *
     * @return float any above what is unseen stands for itself
     */
    private function exchanged(int $early, int $late, array $among, ?int $blocks): float
    {
        if ($among === []) {
            return 0.0;
        }
        $today = range(0, \count($this->ladder->blocks) - 1);
        $kept = \array_slice(self::moved($today, $early, $late - 1), 0, $blocks);
        $changed = \array_slice(self::moved($today, $early, $late), 0, $blocks);
        $most = $blocks === null ? CleanOut::UNSEEN : self::AT_ONCE;

        return $this->samples->difference($this->coatsOf($kept), $this->coatsOf($changed), $most, $among);
    }
}
