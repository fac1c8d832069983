<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Replace;

use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Mix\Wanted;
use Hawkbrush\Core\Pattern\Recipe;

/**
 * Out of hundreds of paints the few that are worth drawing on the finished baits: first those whose film alone comes near
 * where the paint lies thickest, then of them those that come near on a few of the baits, drawn coarsely. Own method; a test holds what it
 * leaves against the ranking of all.
 */
final class Shortlist
{
    /** So many baits are drawn in all, and so many coarsely before: a second or so. */
    private const DRAWN = 192;

    private const DRAWN_COARSELY = 256;

    private const RECIPES = 4;

    private const COLUMNS = 8;

    private const AROUND = 8;

    /** A film as thick as it is where it is thickest, and one of its edge. */
    private const THICKNESSES = [1.0, 0.3];

    /**
     * @param list<Recipe> $recipes that use the paint
     * @param Wanted|null $wanted by the film of the paint; null: it lays none
     * @param list<non-empty-list<array{Paint, int}>> $candidates
     *
     * @return list<non-empty-list<array{Paint, int}>>
     */
    public static function of(array $recipes, string $paintId, Climate $climate, ?Wanted $wanted, array $candidates): array
    {
        $enough = intdiv(self::DRAWN, max(1, \count($recipes)));
        if (\count($candidates) <= $enough) {
            return $candidates;
        }
        $some = \array_slice($recipes, 0, self::RECIPES);
        $replaced = self::paint($recipes, $paintId);
        if ($wanted !== null && $replaced !== null) {
            $candidates = \array_slice(self::byFilm($candidates, $replaced, $wanted), 0, intdiv(self::DRAWN_COARSELY, \count($some)));
        }
        $coarse = new Replacing($some, $paintId, $climate, self::COLUMNS, self::AROUND);

        return array_map(
            static fn(Replacement $one): array => $one->for,
            \array_slice($coarse->rank($candidates), 0, $enough),
        );
    }

    /**
     * @param list<non-empty-list<array{Paint, int}>> $candidates
     *
     * @return list<non-empty-list<array{Paint, int}>> the nearest first
     */
    private static function byFilm(array $candidates, Paint $replaced, Wanted $wanted): array
    {
        $distances = [];
        foreach (self::THICKNESSES as $times) {
            $film = self::film($wanted, $wanted->dryUm * $times);
            $is = $film->shows($replaced->optics)->lab;
            foreach ($candidates as $i => $for) {
                $mixture = new Mixture($for);
                $optics = $mixture->optics();
                // What lays no film of its own cannot be told by it: it is looked at on the bait.
                $distances[$i] = ($distances[$i] ?? 0.0) + ($optics === null ? 0.0 : DeltaE2000::between(
                    $is,
                    self::film($wanted, $wanted->dryUm * $times * $mixture->solids() / max(0.01, $replaced->solids))->shows($optics)->lab,
                ));
            }
        }
        asort($distances);

        return array_map(static fn(int $i): array => $candidates[$i], array_keys($distances));
    }

    private static function film(Wanted $wanted, float $dryUm): Wanted
    {
        return new Wanted($wanted->lab, $wanted->ground, $dryUm, $wanted->finish);
    }

    /** @param list<Recipe> $recipes */
    private static function paint(array $recipes, string $paintId): ?Paint
    {
        foreach ($recipes as $recipe) {
            $paint = $recipe->paints()[$paintId] ?? null;
            if ($paint !== null) {
                return $paint;
            }
        }

        return null;
    }
}
