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

    private const MOST = 90.0;

    public static function window(Spraying $spraying): Window
    {
        [$low, $set, $high] = $spraying->work->thinning();
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
        return new Window($low, min(self::MOST, $set + $more), min(self::MOST, $high + $more), $reasons);
    }
}
