<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Pattern\Paint;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Pattern\Weight;

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
     * @return array<string, mixed>|null the step to put in, or null when the recipe has no white
     */
    public static function step(Recipe $recipe, array $document): ?array
    {
        $white = self::white($recipe);
        if ($white === null) {
            return null;
        }
        unset($document['id']);

        return [
            'title' => 'White under it', 'mix' => [['paint' => $white->id, 'drops' => 1]],
            'coats' => self::COATS, 'weight' => Weight::Medium->value, 'thinning_percent' => 0, 'check' => '',
        ] + $document;
    }

    private static function white(Recipe $recipe): ?Paint
    {
        foreach ($recipe->coatsOnOrOff() as $step) {
            foreach ($step->mix as [$paint]) {
                if ($paint->kind === Kind::Opaque && self::whiteness($paint) > self::WHITE) {
                    return $paint;
                }
            }
        }

        return null;
    }

    /** Luminous reflectance of an infinite film: R = 1 + K/S - sqrt((K/S)^2 + 2 K/S) (Kubelka and Munk 1931). */
    private static function whiteness(Paint $paint): float
    {
        $curve = [];
        foreach ($paint->optics->k->values as $i => $k) {
            $ratio = $k / max(1e-9, $paint->optics->s->values[$i]);
            $curve[] = 1 + $ratio - sqrt($ratio * $ratio + 2 * $ratio);
        }

        return Observer::luminous($curve);
    }
}
