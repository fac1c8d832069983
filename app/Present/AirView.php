<?php

declare(strict_types=1);

namespace App\Present;

use App\Models\SprayedCoat;
use Hawkbrush\Core\Air\CleanOut;
use Hawkbrush\Core\Air\Experience;
use Hawkbrush\Core\Air\Factor;
use Hawkbrush\Core\Air\Pressure;
use Hawkbrush\Core\Air\Thinning;
use Hawkbrush\Core\Air\Window;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Drying\Airflow;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Run\Cleanings;
use Hawkbrush\Core\Shop\AirWords;
use Hawkbrush\Core\Shop\Shop;

/** Airflow, thinning, cleaning and drying of the coats of a recipe, each with its reasons. */
final class AirView
{
    /**
     * @param string|null $airbrush id of the one in hand, whose experience counts
     *
     * @return list<array<string, mixed>>
     */
    public static function of(Recipe $recipe, Shop $shop, ?string $airbrush): array
    {
        $cleanings = Cleanings::of($recipe, $shop);
        $experience = self::experiences($recipe, $airbrush);

        return array_map(static fn(Coat $coat): array => [
            'step' => $coat->id,
            'air' => $coat->byAir() ? self::air($coat, $shop, $experience, $airbrush) : null,
            'clean' => isset($cleanings[$coat->id]) ? self::clean($cleanings[$coat->id]) : null,
            'dry' => self::dry($coat, $shop),
        ], $recipe->coats());
    }

    /** @return array<string, mixed> */
    public static function clean(CleanOut $clean): array
    {
        return [
            'level' => $clean->level->value,
            'says' => $clean->level->says(),
            'delta_e' => array_map(static fn(float $delta): float => round($delta, 2), $clean->deltaE),
            'minutes' => $clean->minutes,
            'cleaner_ml' => $clean->cleanerMl,
            'reasons' => $clean->reasons,
        ];
    }

    /**
     * What was sprayed with its paints and the airbrush in hand; the paint of most drops counts for a coat.
     *
     * @return array<string, Experience|null> by paint id
     */
    public static function experiences(Recipe $recipe, ?string $airbrush): array
    {
        return SprayedCoat::experiences(
            array_values(array_unique(array_map(static fn(Coat $coat): string => $coat->mixture->most()->id, $recipe->coats()))),
            $airbrush,
        );
    }

    /**
     * @param array<string, Experience|null> $experiences by paint id
     *
     * @return array<string, mixed>
     */
    private static function air(Coat $coat, Shop $shop, array $experiences, ?string $airbrush): array
    {
        $spraying = $coat->spraying($shop->nozzle, $shop->habits->water());
        $paint = $coat->mixture->most();
        $experience = $experiences[$paint->id] ?? null;
        $psi = Pressure::window($spraying, $experience);
        $thinning = Thinning::window($spraying);

        return [
            'work' => $spraying->work->value,
            'work_says' => $spraying->work->label(),
            'said' => $coat->saidWork() !== null,
            'says' => AirWords::say($psi, $coat->psi, $shop->habits),
            'psi' => self::window($psi, $coat->psi),
            'thinning' => self::window($thinning, $coat->thinning * 100),
            'nozzle' => $spraying->nozzleTooFine() ? Pressure::changeNozzle($spraying) : null,
            'experience' => ! \array_key_exists($paint->id, $experiences) ? null : [
                'paint_id' => $paint->id,
                'paint' => $paint->name,
                'equipment_id' => $airbrush,
                'counts' => $experience !== null,
                'says' => $experience?->says() ?? '',
                'shift' => round($experience->shift ?? 1.0, 3),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function window(Window $window, float $now): array
    {
        $figure = static fn(float $value): float => $value < 10 ? round($value, 1) : round($value);

        return [
            'low' => $figure($window->low),
            'set' => $figure($window->set),
            'high' => $figure($window->high),
            'stands' => AirWords::stands($window, $now),
            'reasons' => array_map(static fn(Factor $f): array => ['times' => round($f->times, 3), 'why' => $f->why], $window->reasons),
        ];
    }

    /** @return array<string, mixed> seconds to touch dry; null: never in this air */
    private static function dry(Coat $coat, Shop $shop): array
    {
        $seconds = static fn(?float $s): ?float => $s === null ? null : ceil($s);
        $under = $shop->climate->underDryer();

        return [
            'still_s' => $seconds($coat->touchDryS($shop->climate, Airflow::still())),
            'dryer_s' => $seconds($coat->touchDryS($shop->climate, $under)),
            'dryer' => $shop->climate->dryer->kind,
            'surface_c' => round($under->dryC ?? $shop->climate->airC),
            'softens' => $shop->climate->dryer->softensPlastic($shop->climate),
        ];
    }
}
