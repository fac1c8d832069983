<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Replace;

use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;

/** One paint of a recipe exchanged for another, or for a mix of others. */
final class Swap
{
    /**
     * @param non-empty-list<array{Paint, int}> $for paints with their drops
     *
     * @throws Refused when the mix of a step would come to more than a cup holds
     */
    public static function in(Recipe $recipe, string $paintId, array $for): Recipe
    {
        return $recipe->withMixtures(
            static fn(Mixture $mixture): Mixture => $mixture->uses($paintId) ? self::mix($mixture, $paintId, $for) : $mixture,
        );
    }

    /**
     * The share of the mix that was the one paint becomes the others, all in whole drops.
     *
     * @param non-empty-list<array{Paint, int}> $for
     */
    private static function mix(Mixture $mixture, string $paintId, array $for): Mixture
    {
        $share = array_sum(array_column($for, 1));
        $drops = $paints = [];
        foreach ($mixture->parts as [$paint, $count]) {
            foreach ($paint->id === $paintId ? $for : [[$paint, $share]] as [$put, $times]) {
                $paints[$put->id] = $put;
                $drops[$put->id] = ($drops[$put->id] ?? 0) + $count * $times;
            }
        }
        $divisor = array_reduce($drops, Mixture::divisor(...), 0);
        $most = intdiv(max([1, ...$drops]), $divisor);
        if ($most > Mixture::MOST_DROPS) {
            throw Refused::because("In “{$mixture->name()}” this would take {$most} drops of one paint; a mix has up to ".Mixture::MOST_DROPS.' of each.');
        }

        return new Mixture(array_map(
            static fn(Paint $paint): array => [$paint, intdiv($drops[$paint->id], $divisor)],
            array_values($paints),
        ));
    }
}
