<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Refused;

/** How thick the dry film of a card is: dry = wet x solids by volume x (1 - thinning). */
final class CardFilm
{
    /** Thicker than this no film on a card is meant, dry and wet. */
    public const THICKEST_UM = 1000;

    public const THICKEST_WET_UM = 2 * self::THICKEST_UM;

    /**
     * From what a wet film gauge shows right after spraying.
     *
     * @param float $solids share of the bottle's volume that stays, 0 to 1
     * @param float $thinning share of reducer in what was sprayed, 0 to 1
     *
     * @throws Refused when nothing would stay
     */
    public static function fromGauge(float $wetUm, float $solids, float $thinning): float
    {
        return self::thick($wetUm * $solids * (1 - $thinning));
    }

    /**
     * From drops brushed or drawn out over an area, so that all of them are on the card.
     *
     * @param float $drops of paint, without the reducer
     *
     * @throws Refused when nothing would stay
     */
    public static function fromDrops(float $drops, float $dropMl, float $solids, float $areaMm2): float
    {
        // 1 ml is 1000 mm3; 1 mm is 1000 um.
        return self::thick($drops * $dropMl * 1000 * $solids / $areaMm2 * 1000);
    }

    private static function thick(float $um): float
    {
        if ($um <= 0) {
            throw Refused::at('/film', 'Nothing stays of this film once it is dry. Does the paint have solids?');
        }

        return $um;
    }
}
