<?php

declare(strict_types=1);

namespace App\Present;

use Hawkbrush\Core\Air\Circumstances;
use Hawkbrush\Core\Air\Diagnosis;
use Hawkbrush\Core\Air\Fault;
use Hawkbrush\Core\Air\Mark;
use Hawkbrush\Core\Air\Pressure;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Shop\AirWords;
use Hawkbrush\Core\Shop\Shop;

/** A test sheet: the mark that is right for a work, and the marks that are not. */
final class SheetView
{
    /** @return array<string, mixed> */
    public static function of(Recipe $recipe, string $stepId, Shop $shop, ?string $airbrush): array
    {
        $step = $recipe->step($stepId);
        $coat = $step === null ? null : $step->coat() ?? $recipe->coatTriedBy($step);
        $known = ['pattern' => $recipe->name, 'step' => $step?->label() ?? '', 'width' => Mark::WIDTH, 'height' => Mark::HEIGHT];
        if ($coat === null || ! $coat->byAir()) {
            return $known + ['coat' => null];
        }
        $way = $coat->spraying($shop->nozzle, $shop->habits->water());
        $window = Pressure::window($way, AirView::experiences($recipe, $airbrush)[$coat->mixture->most()->id] ?? null);
        $at = new Circumstances($way, $coat->psi, airC: $shop->climate->airC, humidityPercent: $shop->climate->humidityPercent);

        return $known + ['coat' => [
            'number' => $recipe->number($coat->id),
            'name' => $recipe->step($coat->id)?->label() ?? '',
            'paint' => $coat->mixture->most()->name,
            'psi' => $coat->psi,
            'thinning_percent' => round($coat->thinning * 100),
            'work' => $way->work->label(),
            'says' => AirWords::say($window, $coat->psi, $shop->habits),
            'good' => Mark::good($way->work),
            'bad' => array_map(static fn(Fault $fault): array => [
                'fault' => $fault->value,
                'looks' => $fault->looks(),
                'try' => Diagnosis::of($fault, $at)[0]->cause->try(),
                'drops' => Mark::fault($fault),
            ], Fault::onPaper()),
        ]];
    }
}
