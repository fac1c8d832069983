<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Pattern\BenchStep;
use Hawkbrush\Core\Pattern\ClearStep;
use Hawkbrush\Core\Pattern\PaintStep;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Pattern\SetBy;

/** The usual cautions where they apply (common practice); the product's own sheet and local rules go first. */
final class Cautions
{
    public const LAST = 'Follow the product’s own sheet and your local rules; they go before anything said here.';

    /** @return list<string> */
    public static function of(Recipe $recipe): array
    {
        $said = [];
        foreach ($recipe->lit() as $step) {
            if ($step instanceof PaintStep) {
                if ($step->technique->sprayed()) {
                    $said[] = 'Spray mist: respirator and moving air for any spraying; a cleaning pot keeps the mist out of the room.';
                }
                foreach ($step->mix as [$paint]) {
                    if (str_contains($paint->family, 'solvent') || str_contains($paint->family, 'lacquer')) {
                        $said[] = 'Solvent paint: fire and vapour. No flame, heat gun or dryer until the vapours are gone.';
                    }
                }
                if ($step->setting->by === SetBy::Heat) {
                    $said[] = 'Heat guns and dryers burn, and light solvent vapour: keep them from alcohol, solvent and fresh epoxy.';
                }
            }
            if ($step instanceof ClearStep) {
                $said[] = $step->clear->caution();
            }
            if ($step instanceof BenchStep && $step->type() === 'prep') {
                $task = mb_strtolower($step->task.' '.$step->title);
                if (preg_match('/sand|grit|scuff/', $task) === 1) {
                    $said[] = 'Sanding dust: wear a mask.';
                }
                if (str_contains($task, 'alcohol')) {
                    $said[] = 'Alcohol burns: no flame or heat until it has gone.';
                }
                if (preg_match('/cut|knife|scrap|tape/', $task) === 1) {
                    $said[] = 'Blades: cut away from the hand that holds the bait.';
                }
            }
        }

        return [...array_values(array_unique($said)), self::LAST];
    }
}
