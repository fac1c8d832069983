<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Pattern\BenchStep;
use Hawkbrush\Core\Pattern\ClearStep;
use Hawkbrush\Core\Pattern\PaintStep;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Pattern\SetBy;
use Hawkbrush\Core\Pattern\Step;

/** The usual cautions where they apply (common practice); the product's own sheet and local rules go first. */
final class Cautions
{
    public const LAST = 'Follow the product’s own sheet and your local rules; they go before anything said here.';

    /** @return list<string> all that apply to a recipe, and the word that the sheets go first */
    public static function of(Recipe $recipe): array
    {
        $said = array_merge(...array_map(self::ofStep(...), $recipe->lit()));

        return [...array_values(array_unique($said)), self::LAST];
    }

    /** @return list<string> */
    public static function ofStep(Step $step): array
    {
        return match (true) {
            $step instanceof PaintStep => self::painting($step),
            $step instanceof ClearStep => [$step->clear->caution()],
            $step instanceof BenchStep && $step->type() === 'prep' => self::preparing(mb_strtolower($step->task.' '.$step->title)),
            default => [],
        };
    }

    /** @return list<string> */
    private static function painting(PaintStep $step): array
    {
        $said = [];
        if ($step->byAir()) {
            $said[] = 'Spray mist: respirator and moving air for any spraying; a cleaning pot keeps the mist out of the room.';
        }
        foreach ($step->mix as [$paint]) {
            if ($paint->needsSolvent()) {
                $said[] = 'Solvent paint: fire and vapour. No flame, heat gun or dryer until the vapours are gone.';
            }
        }
        if ($step->setting->by === SetBy::Heat) {
            $said[] = 'Heat guns and dryers burn, and light solvent vapour: keep them from alcohol, solvent and fresh epoxy.';
        }

        return array_values(array_unique($said));
    }

    /** @return list<string> */
    private static function preparing(string $task): array
    {
        $cautions = [
            '/sand|grit|scuff/' => 'Sanding dust: wear a mask.',
            '/epoxy|sealer/' => 'Epoxies and sealers sensitise skin: gloves, and moving air.',
            '/alcohol/' => 'Alcohol burns: no flame or heat until it has gone.',
            '/cut|knife|scrap|tape/' => 'Blades: cut away from the hand that holds the bait.',
        ];

        return array_values(array_filter($cautions, static fn(string $pattern): bool => preg_match($pattern, $task) === 1, ARRAY_FILTER_USE_KEY));
    }
}
