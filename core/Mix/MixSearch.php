<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Mix;

use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Colour\Metric;

/**
 * The best mixes of two and three paints of a rack for a wanted colour: those that come near it, by DeltaE00. If there are
 * too few, those that lie nearest plainly, for far off DeltaE00 takes greys for nearer than any eye does.
 */
final class MixSearch
{
    public const MOST_DROPS = 12;

    /** Offers within this DeltaE00 count as near; see docs/decisions/0006. */
    public const NEAR = 7.5;

    /** Whether of so many paints every three is looked at. */
    public static function wholly(int $paints): bool
    {
        return $paints <= NearestMixes::IN_THREES;
    }

    /**
     * @param list<Paint> $paints those without solids are left out
     * @param int $most offers wanted, each of other paints
     *
     * @return list<Offer> those that come near, the best first, then the others, the nearest first; a paint alone stands among them if nothing is better
     */
    public static function best(array $paints, Wanted $wanted, int $most = 6): array
    {
        $mixes = static fn(Paint $paint): bool => $paint->solids > 0 && $paint->kind->mixes();
        $paints = array_values(array_filter($paints, $mixes));
        $near = NearestMixes::of($paints, $wanted, Metric::at($wanted->lab), $most, self::NEAR);
        if (\count($near) === $most) {
            return $near;
        }
        $known = array_flip(array_map(static fn(Offer $offer): string => $offer->set(), $near));
        $others = array_filter(
            NearestMixes::of($paints, $wanted, Metric::plain($wanted->lab), $most, INF),
            static fn(Offer $offer): bool => ! isset($known[$offer->set()]),
        );

        return \array_slice([...$near, ...$others], 0, $most);
    }
}
