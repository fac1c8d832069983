<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Order;

use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\SetBy;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Step\Step;

/**
 * A recipe as far as its order can be changed: blocks of steps that stay together, and stretches between which nothing is
 * moved. A mask that stays on, a coat left wet with the next one, flakes with the size they fall on, and a try with its coat
 * are one block. Preparing, waiting, looking, eyes, clear and dips are where they are: no block passes them. Steps that are switched
 * off lie with the one before.
 */
final readonly class Ladder
{
    /**
     * @param list<list<Step>> $blocks in today's order
     * @param list<int> $stretch of each block; blocks change places within one stretch only
     */
    private function __construct(public Recipe $recipe, public array $blocks, public array $stretch) {}

    public static function of(Recipe $recipe, Climate $climate): self
    {
        $blocks = $stretch = [];
        $number = 0;
        $glued = false;
        $last = null;
        foreach ($recipe->steps as $step) {
            $coat = $step->on && $step->meltC() === null ? $step->coat() : null;
            $tries = $step->on && $recipe->coatTriedBy($step) !== null;
            $fixed = $step->on && $coat === null && ! $tries;
            $holds = $glued || ! $step->on || ($coat !== null && $last !== null && self::together($last, $coat, $climate));
            if ($blocks !== [] && $holds && ! $fixed) {
                $blocks[\count($blocks) - 1][] = $step;
            } else {
                $number += $fixed ? 1 : 0;
                $blocks[] = [$step];
                $stretch[] = $number;
                $number += $fixed ? 1 : 0;
            }
            $glued = $tries || ($glued && $coat === null);
            $last = $fixed ? null : $coat ?? $last;
        }

        return new self($recipe, $blocks, $stretch);
    }

    private static function together(Coat $below, Coat $coat, Climate $climate): bool
    {
        return $coat->keepsMaskOf($below)
            || $coat->clingsTo === $below
            || $below->setting->by === SetBy::Wet
            || (! $below->mixture->isSize() && $below->wetShare($climate) > 0);
    }

    /** @return list<Coat> of a block that are switched on */
    public function coats(int $block): array
    {
        return array_values(array_filter(array_map(
            static fn(Step $step): ?Coat => $step->on ? $step->coat() : null,
            $this->blocks[$block],
        )));
    }

    /**
     * @param list<int> $order of blocks
     *
     * @return list<string> ids of the steps
     */
    public function ids(array $order): array
    {
        return array_merge([], ...array_map(
            fn(int $block): array => array_map(static fn(Step $step): string => $step->id, $this->blocks[$block]),
            $order,
        ));
    }

    /** The block that a step is in. */
    public function blockOf(string $id): int
    {
        foreach ($this->blocks as $block => $steps) {
            foreach ($steps as $step) {
                if ($step->id === $id) {
                    return $block;
                }
            }
        }

        return -1;
    }
}
