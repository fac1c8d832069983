<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Replace;

use Hawkbrush\Core\Pattern\Paint;
use Hawkbrush\Core\Pattern\PaintStep;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;

/** One paint of a recipe exchanged for another, or for a mix of others. */
final class Swap
{
    /** More drops of one paint no step takes. */
    public const MOST_DROPS = 200;

    /**
     * @param non-empty-list<array{Paint, int}> $for paints with their drops
     *
     * @throws Refused when the drops of a step would come to more than a cup holds
     */
    public static function in(Recipe $recipe, string $paintId, array $for): Recipe
    {
        $steps = [];
        foreach ($recipe->steps as $step) {
            $steps[] = $step instanceof PaintStep && self::uses($step, $paintId) ? $step->mixedFrom(self::mix($step, $paintId, $for)) : $step;
        }

        return $recipe->with($steps);
    }

    public static function uses(PaintStep $step, string $paintId): bool
    {
        foreach ($step->mix as [$paint]) {
            if ($paint->id === $paintId) {
                return true;
            }
        }

        return false;
    }

    /**
     * The share of the mix that was the one paint becomes the others, all in whole drops.
     *
     * @param non-empty-list<array{Paint, int}> $for
     *
     * @return non-empty-list<array{Paint, int}>
     */
    private static function mix(PaintStep $step, string $paintId, array $for): array
    {
        $parts = array_sum(array_column($for, 1));
        $drops = $paints = [];
        foreach ($step->mix as [$paint, $count]) {
            foreach ($paint->id === $paintId ? $for : [[$paint, $parts]] as [$put, $share]) {
                $paints[$put->id] = $put;
                $drops[$put->id] = ($drops[$put->id] ?? 0) + $count * $share;
            }
        }
        $divisor = array_reduce($drops, self::divisor(...), 0);
        $mix = [];
        foreach ($paints as $id => $paint) {
            $count = intdiv($drops[$id], max(1, $divisor));
            if ($count > self::MOST_DROPS) {
                throw Refused::because("In “{$step->colourName()}” this would take {$count} drops of {$paint->name}; a mix has up to ".self::MOST_DROPS.' of each.');
            }
            $mix[] = [$paint, $count];
        }

        return $mix;
    }

    private static function divisor(int $a, int $b): int
    {
        return $b === 0 ? $a : self::divisor($b, $a % $b);
    }
}
