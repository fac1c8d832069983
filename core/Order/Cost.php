<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Order;

use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\SetBy;
use Hawkbrush\Core\Drying\Evaporation;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Run\Cleanings;
use Hawkbrush\Core\Shop\Shop;
use Hawkbrush\Core\Step\Step;
use Hawkbrush\Core\Technique\Press;

/**
 * What an order of blocks costs: cleaning the airbrush where the colour changes, and waiting. A wait that a step brings
 * along it brings anywhere; one more is needed before mesh or tape where what lies below has not been left to dry right
 * through since it was laid.
 */
final class Cost
{
    /** Minutes that count as a wait for all that lies there. Common practice, no published source. */
    private const DRIES_ALL = 18.0;

    private const THROUGH_DRY = 20.0;

    /** Dry film of one coat that a dryer alone gets dry right through, um. */
    private const THIN_UM = 6.0;

    /** @var array<int, array<int, float>> minutes from the colour of one block to that of another */
    private array $clean = [];

    /** @var array<int, FilmState> by block */
    private array $grounds = [];

    private readonly float $waitMin;

    /** @var array<int, string> what each block leaves in the cup, as a key */
    private array $cups = [];

    /** @var array<string, array<int, float>> minutes of cleaning by that and by the block that comes next */
    private array $afterCup = [];

    /** @var list<bool> by block: whether it takes the airbrush */
    private readonly array $sprayed;

    /** @var list<bool> by block: whether it presses on what lies below */
    private readonly array $presses;

    /** @var list<int> by block: its bit, if it lays a coat */
    private readonly array $bit;

    /** @var list<float> by block: minutes of rest that it brings along */
    private readonly array $ownWait;

    /** @var array<int, array<int, bool>> by block, and by what is soft: whether it would print */
    private array $prints = [];

    /** @param list<list<int>> $numbers of the coats of each block */
    public function __construct(
        private readonly Ladder $ladder,
        private readonly Samples $samples,
        private readonly array $numbers,
        private readonly Shop $shop,
    ) {
        $slower = Evaporation::slower($shop->climate);
        $this->waitMin = self::THROUGH_DRY * $slower;
        $this->sprayed = array_map(fn(int $block): bool => $this->air($block) !== [], array_keys($ladder->blocks));
        $this->presses = array_map($this->pressesOn(...), array_keys($ladder->blocks));
        $this->bit = array_map(
            static fn(int $block): int => $ladder->coats($block) === [] ? 0 : 1 << $block,
            array_keys($ladder->blocks),
        );
        $this->ownWait = array_map(static fn(array $steps): float => $slower * array_sum(array_map(
            static fn(Step $step): float => $step->on ? $step->restMin() : 0.0,
            $steps,
        )), $ladder->blocks);
    }

    /**
     * One block more.
     *
     * @param int $colour the block whose colour is in the airbrush; -1: it is clean
     * @param int $soft bits of the blocks that have not had time to dry right through
     *
     * @return array{float, float, int, int} minutes of cleaning and of waiting, then colour and soft
     */
    public function add(int $block, int $colour, int $soft): array
    {
        $clean = ! $this->sprayed[$block] || $colour < 0 ? 0.0 : $this->between($colour, $block);
        $wait = $own = $this->ownWait[$block];
        if ($this->presses[$block] && ($this->prints[$block][$soft] ??= $this->isSoft($block, $soft))) {
            $wait += $this->waitMin;
            $soft = 0;
        }

        return [
            $clean,
            $wait,
            $this->sprayed[$block] ? $block : $colour,
            $own >= self::DRIES_ALL ? 0 : $soft | $this->bit[$block],
        ];
    }

    /**
     * @param list<int> $order
     *
     * @return array{clean_min: float, wait_min: float}
     */
    public function of(array $order): array
    {
        $colour = -1;
        $soft = 0;
        $all = ['clean_min' => 0.0, 'wait_min' => 0.0];
        foreach ($order as $block) {
            [$clean, $wait, $colour, $soft] = $this->add($block, $colour, $soft);
            $all['clean_min'] += $clean;
            $all['wait_min'] += $wait;
        }

        return $all;
    }

    /** The least that a block can cost, whatever comes before it; the first of all needs no cleaning. */
    public function least(int $block): float
    {
        return $this->ownWait[$block] + $this->leastCleaning($block);
    }

    /** The least that cleaning before a block can take. */
    public function leastCleaning(int $block): float
    {
        if (! $this->sprayed[$block]) {
            return 0.0;
        }
        $least = INF;
        foreach (array_keys($this->ladder->blocks) as $other) {
            if ($other !== $block && $this->sprayed[$other]) {
                $least = min($least, $this->between($other, $block));
            }
        }

        return is_finite($least) ? $least : 0.0;
    }

    private function between(int $from, int $to): float
    {
        return $this->clean[$from][$to] ??= $this->cleaned($from, $to);
    }

    private function cleaned(int $from, int $to): float
    {
        $old = $this->air($from);
        $new = $this->air($to);
        $last = $old[array_key_last($old)] ?? null;
        $next = current($new);
        if ($last === null || $next === false) {
            return 0.0;
        }

        // Of many steps that leave the same colour in the cup one is asked.
        $cup = $this->cups[$from] ??= serialize($last->mixture);

        return $this->afterCup[$cup][$to]
            ??= Cleanings::between($last, $next, $this->ground($to, (int) array_key_first($new)), $this->shop)->minutes ?? 0.0;
    }

    /** What a block is laid on today; another order changes that by no more than can be seen. */
    private function ground(int $block, int $at): FilmState
    {
        $number = $this->numbers[$block][$at];

        return $this->grounds[$block] ??= $this->samples->ground($number === 0 ? [] : range(0, $number - 1), $number);
    }

    /** @return array<int, Coat> the coats of a block that come out of the airbrush */
    private function air(int $block): array
    {
        return array_filter($this->ladder->coats($block), static fn(Coat $coat): bool => $coat->byAir());
    }

    private function pressesOn(int $block): bool
    {
        $coats = $this->ladder->coats($block);

        return $coats !== [] && $coats[0]->technique->press()->presses();
    }

    /** Whether a mask would print: something soft lies under it that is more than one thin coat set with heat. */
    private function isSoft(int $block, int $soft): bool
    {
        $mask = $this->ladder->coats($block)[0];
        $number = $this->numbers[$block][0];
        $found = [];
        foreach (array_keys($this->ladder->blocks) as $below) {
            if (($soft & 1 << $below) === 0) {
                continue;
            }
            foreach ($this->ladder->coats($below) as $at => $coat) {
                if ($mask->technique->press() === Press::Taped || $this->samples->meet($number, $this->numbers[$below][$at])) {
                    $found[] = $coat;
                }
            }
        }
        $byHeat = array_filter($found, static fn(Coat $coat): bool => $coat->setting->by === SetBy::Heat);
        if ($this->shop->habits->dryerAlone() && \count($byHeat) === \count($found)) {
            return false;
        }

        return $found !== [] && ! (\count($found) === 1 && $byHeat !== [] && $found[0]->dryUm() <= self::THIN_UM);
    }
}
