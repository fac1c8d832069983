<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

use Hawkbrush\Core\Film\Kind;

/** How much reducer a way of spraying wants, in percent of the mix. Common practice, no published source. */
final class Thinning
{
    /** Points more for paint that comes thick. */
    private const CRAFT_POINTS = 15.0;

    private const METALLIC_POINTS = 10.0;

    /** See-through paint is sprayed nearly as it comes at full air, or four parts to six of reducer at little: two schools. */
    private const SEEN_THROUGH = 60.0;

    /** A mist of pearl or metal is spread by the hand, not by reducer. */
    private const FLAKES = 10.0;

    private const MOST = 90.0;

    public static function window(Spraying $spraying): Window
    {
        // How much a dusting, or a stencil, is reduced does not depend on how wide it is.
        $wide = $spraying->work->isFree() && $spraying->work !== SprayWork::Dusting;
        $figures = $wide ? $spraying->figures() : $spraying->work->figures();
        [$low, $set, $high] = $figures->thinning;
        if ($spraying->work === SprayWork::Dusting && $spraying->kind->glint() > 0) {
            $set = self::FLAKES;
        }
        if ($spraying->seenThrough()) {
            $high = max($high, self::SEEN_THROUGH);
        }
        $reasons = [new Factor(1.0, $spraying->work->thinningWord())];
        $more = 0.0;
        if ($spraying->craft) {
            $more += self::CRAFT_POINTS;
            $reasons[] = new Factor(1.0, 'craft paint wants much, and straining');
        } elseif ($spraying->kind === Kind::Metallic) {
            $more += self::METALLIC_POINTS;
            $reasons[] = new Factor(1.0, 'metallics come thick: thin them or take the larger nozzle');
        }
        if ($spraying->kind === Kind::Fluorescent && $spraying->work === SprayWork::LayIn) {
            $reasons[] = new Factor(1.0, 'fluorescents lose their light when they are thinned');
        }
        $points = $spraying->nozzle->thinningPoints();
        if ($points > 0) {
            $more += $points;
            $reasons[] = new Factor(1.0, \sprintf('a %s mm nozzle wants it a little thinner', $spraying->nozzle->mm));
        }

        // Where thick paint is thinned, as it comes still serves who has the air for it.
        return new Window(round($low), min(self::MOST, round($set + $more)), min(self::MOST, round($high + $more)), $reasons);
    }
}
