<?php

declare(strict_types=1);

namespace App\Present;

use App\Models\Remedy;
use Hawkbrush\Core\Air\Cause;
use Hawkbrush\Core\Air\Circumstances;
use Hawkbrush\Core\Air\Diagnosis;
use Hawkbrush\Core\Air\Experience;
use Hawkbrush\Core\Air\Fault;
use Hawkbrush\Core\Air\Mark;
use Hawkbrush\Core\Air\Pressure;
use Hawkbrush\Core\Air\Spraying;
use Hawkbrush\Core\Air\SprayWork;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Shop\Shop;

/** Faults with their causes in the order to try. */
final class FaultView
{
    /**
     * Words and drawings, with the order where nothing is known of the step.
     *
     * @return array<string, mixed>
     */
    public static function all(Shop $shop): array
    {
        $way = new Spraying(SprayWork::Coat, Kind::Transparent, 0.1, $shop->nozzle, water: $shop->habits->water());
        $air = ['airC' => $shop->climate->airC, 'humidityPercent' => $shop->climate->humidityPercent];
        $at = new Circumstances($way, Pressure::window($way)->set, ...$air);
        $before = Remedy::counts();

        return [
            'sheet' => ['width' => Mark::WIDTH, 'height' => Mark::HEIGHT],
            'faults' => array_map(static fn(Fault $fault): array => [
                'name' => $fault->value,
                'looks' => $fault->looks(),
                'drops' => Mark::fault($fault),
                'causes' => self::causes($fault, $at, $before),
                'helped' => array_sum(array_column($before[$fault->value] ?? [], 'helped')),
            ], Fault::cases()),
            'causes' => array_map(static fn(Cause $cause): array => ['name' => $cause->value, 'try' => $cause->try()], Cause::cases()),
        ];
    }

    /**
     * For each coat of a run, by step and fault.
     *
     * @return array<string, array<string, list<array<string, mixed>>>>
     */
    public static function ofRun(Recipe $recipe, Shop $shop, ?string $airbrush): array
    {
        $before = Remedy::counts();
        $experience = AirView::experiences($recipe, $airbrush);
        $all = [];
        $below = null;
        foreach ($recipe->coats() as $coat) {
            $at = self::circumstances($coat, $below, $shop, $experience[$coat->mixture->most()->id] ?? null);
            foreach (Fault::cases() as $fault) {
                $all[$coat->id][$fault->value] = self::causes($fault, $at, $before);
            }
            $below = $coat;
        }

        return $all;
    }

    private static function circumstances(Coat $coat, ?Coat $below, Shop $shop, ?Experience $experience): Circumstances
    {
        return new Circumstances(
            $coat->spraying($shop->nozzle, $shop->habits->water()),
            $coat->psi,
            $coat->wetUm(),
            null,
            $shop->climate->airC,
            $shop->climate->humidityPercent,
            $below === null ? null : $below->wetShare($shop->climate) <= 0,
            $below === null ? null : $below->mixture->needsSolvent() !== $coat->mixture->needsSolvent(),
            $experience,
        );
    }

    /**
     * @param array<string, array<string, array{helped: int, failed: int}>> $before
     *
     * @return list<array<string, mixed>>
     */
    private static function causes(Fault $fault, Circumstances $at, array $before): array
    {
        return array_map(static fn(Diagnosis $one): array => [
            'cause' => $one->cause->value,
            'share' => round($one->share, 2),
            'sets' => (object) $one->sets,
        ], Diagnosis::of($fault, $at, $before[$fault->value] ?? []));
    }
}
