<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Order;

use Hawkbrush\Core\Air\CleanOut;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Shop\Shop;
use Hawkbrush\Core\Step\Step;

/** What of the order of a recipe can be changed without being seen on the bait, and what that saves. */
final readonly class Reorder
{
    /** As many blocks as bits are kept for; no ladder is that long. */
    public const MOST = 60;

    private Ladder $ladder;

    private Samples $samples;

    private Exchanges $exchanges;

    private Cost $minutes;

    /** @throws Refused when the ladder is too long */
    public function __construct(private Recipe $recipe, Shop $shop)
    {
        $this->ladder = Ladder::of($recipe, $shop->climate);
        if (\count($this->ladder->blocks) > self::MOST) {
            throw Refused::because('An order is looked for among '.self::MOST.' steps at most.');
        }
        $coats = $recipe->coats();
        $numbers = array_flip(array_map(static fn(Coat $coat): string => $coat->id, $coats));
        $of = array_map(
            fn(int $block): array => array_map(static fn(Coat $coat): int => $numbers[$coat->id], $this->ladder->coats($block)),
            array_keys($this->ladder->blocks),
        );
        $this->samples = Samples::on($coats, $recipe->body, $shop->climate);
        $this->exchanges = new Exchanges($this->ladder, $this->samples, $of);
        $this->minutes = new Cost($this->ladder, $this->samples, $of, $shop);
    }

    /** @return list<array{string, string, float}> pairs of steps that may change places, and by how much the bait changes, DeltaE00 */
    public function exchangeable(): array
    {
        $pairs = [];
        foreach ($this->exchanges->deltaE() as $early => $others) {
            foreach ($others as $late => $deltaE) {
                $pairs[] = [$this->ladder->blocks[$early][0]->id, $this->ladder->blocks[$late][0]->id, $deltaE];
            }
        }

        return $pairs;
    }

    /** @return array{clean_min: float, wait_min: float} */
    public function now(): array
    {
        return $this->minutes->of($this->today());
    }

    /**
     * What an order of today's steps costs.
     *
     * @param list<string> $steps ids
     *
     * @return array{clean_min: float, wait_min: float}
     */
    public function minutesOf(array $steps): array
    {
        return $this->minutes->of(array_values(array_unique(array_map($this->ladder->blockOf(...), $steps))));
    }

    /** @return array{steps: list<string>, clean_min: float, wait_min: float, delta_e: float} the best order, as it changes the bait */
    public function best(): array
    {
        $search = new Search($this->exchanges, $this->minutes, \count($this->ladder->blocks));
        $order = $search->best(fn(array $order): bool => $this->changes($order) <= CleanOut::UNSEEN);

        return ['steps' => $this->ladder->ids($order), ...$this->minutes->of($order), 'delta_e' => $this->changes($order)];
    }

    /**
     * The recipe with its steps in another order.
     *
     * @param list<string> $steps ids
     */
    public function ordered(array $steps): Recipe
    {
        return $this->recipe->with(array_map(
            fn(string $id): Step => $this->recipe->step($id) ?? throw Refused::because("There is no step “{$id}”."),
            $steps,
        ));
    }

    /**
     * Where a step may be put without being seen, with what each place saves (below zero) or costs.
     *
     * @return list<array{to: int, clean_min: float, wait_min: float, delta_e: float}> to: number on the ladder, from 0
     */
    public function places(string $stepId): array
    {
        $block = $this->ladder->blockOf($stepId);
        if ($block < 0 || $this->ladder->coats($block) === [] || $this->ladder->blocks[$block][0]->id !== $stepId) {
            return [];
        }
        $moves = new Moves($this->exchanges, $this->minutes);
        $today = $this->today();
        $now = $this->now();
        $places = [];
        foreach ($moves->placesIn($today, $block) as $to) {
            $order = Exchanges::moved($today, $block, $to);
            $deltaE = $this->changes($order);
            if ($deltaE <= CleanOut::UNSEEN) {
                $cost = $this->minutes->of($order);
                $places[] = [
                    'to' => (int) array_search($stepId, $this->ladder->ids($order), true),
                    'clean_min' => $cost['clean_min'] - $now['clean_min'],
                    'wait_min' => $cost['wait_min'] - $now['wait_min'],
                    'delta_e' => $deltaE,
                ];
            }
        }

        return $places;
    }

    /** @param list<int> $order */
    private function changes(array $order): float
    {
        return $this->samples->difference($this->exchanges->coatsOf($this->today()), $this->exchanges->coatsOf($order), CleanOut::UNSEEN);
    }

    /** @return list<int> */
    private function today(): array
    {
        return array_keys($this->ladder->blocks);
    }
}
