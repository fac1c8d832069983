<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Coat\Weight;
use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Masstone;
use Hawkbrush\Core\Pattern\Recipe;

/** The trade's cure for a colour that a dark ground swallows: the same place in opaque white first. */
final class WhiteUnder
{
    /** A paint that returns at least this share of light when it hides counts as white. */
    private const WHITE = 0.7;

    /** What hides black: three medium coats of an ordinary white. Common practice, no published source. */
    private const COATS = 3;

    /**
     * @param array<string, mixed> $document of the step it goes under
     *
     * @return array<string, mixed>|null the step to put in, or null when there is no white
     */
    public static function step(?Paint $white, array $document): ?array
    {
        if ($white === null) {
            return null;
        }
        unset($document['id']);

        return [
            'title' => 'White under it', 'mix' => [['paint' => $white->id, 'drops' => 1]],
            'coats' => self::COATS, 'weight' => Weight::Medium->value, 'thinning_percent' => 0, 'check' => '',
        ] + $document;
    }

    /**
     * The white at hand: one the recipe uses already, or else the whitest of the rack.
     *
     * @param iterable<Paint> $rack looked at only where the recipe has none
     */
    public static function white(Recipe $recipe, iterable $rack): ?Paint
    {
        foreach ($recipe->paints() as $paint) {
            if (self::whiteness($paint) > self::WHITE) {
                return $paint;
            }
        }
        $white = null;
        $most = self::WHITE;
        foreach ($rack as $paint) {
            if (self::whiteness($paint) > $most) {
                $white = $paint;
                $most = self::whiteness($paint);
            }
        }

        return $white;
    }

    private static function whiteness(Paint $paint): float
    {
        return $paint->kind === Kind::Opaque && $paint->solids > 0 ? Observer::luminous(Masstone::of($paint->optics)->values) : 0.0;
    }
}
