<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Masstone;
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
                if ($paint->kind === Kind::Opaque && Observer::luminous(Masstone::of($paint->optics)->values) > self::WHITE) {
                    return $paint;
                }
            }
        }

        return null;
    }
}
