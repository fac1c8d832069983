<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Words;

/**
 * The air for a way of spraying: what the work wants, times what kind of paint, thinning and nozzle make of it. Fitted to
 * what painters use (docs/science.md has the table); common practice, no published source.
 */
final class Pressure
{
    /**
     * A thinner paint breaks up at less air: exp(-a s^b) of a share s of reducer. A little of it hardly counts, 60 percent
     * bring 40 psi to 12. Fitted.
     */
    private const THINNING = 2.59;

    private const THINNING_POWER = 1.5;

    /** Water thins a little less than as much reducer. A guess. */
    private const WATER = 0.9;

    /** No airbrush sprays with less, no hose is run with more. */
    private const LEAST_PSI = 0.5;

    private const MOST_PSI = 60.0;

    /** @param Experience|null $experience what was sprayed and noted with this paint and airbrush */
    public static function window(Spraying $spraying, ?Experience $experience = null): Window
    {
        $work = $spraying->work;
        $reasons = [
            new Factor(1.0, \sprintf('%s of paint as it comes: about %s psi', $work->label(), self::round($work->psi()))),
            ...self::ofKind($spraying),
            ...self::ofThinning($spraying),
            $spraying->nozzle->air(),
        ];
        $set = self::model($spraying);
        [$low, $high] = array_map(static fn(float $spread): float => $set * $spread, $work->spread());
        if ($experience !== null && ($shift = $experience->shift) !== 1.0) {
            $reasons[] = new Factor($shift, $experience->says());
            [$low, $set, $high] = [$low * $shift, $set * $shift, $high * $shift];
        }
        if ($spraying->nozzleTooFine()) {
            array_unshift($reasons, new Factor(1.0, self::changeNozzle($spraying)));
        }

        return new Window(self::within($low), self::within($set), self::within($high), $reasons);
    }

    /** What the model says before anybody sprayed, in psi. */
    public static function model(Spraying $spraying): float
    {
        $psi = $spraying->work->psi() * $spraying->nozzle->air()->times;
        foreach ([...self::ofKind($spraying), ...self::ofThinning($spraying)] as $factor) {
            $psi *= $factor->times;
        }

        return $psi;
    }

    /** A figure as a gauge shows it. */
    public static function round(float $psi): string
    {
        return (string) ($psi < 10 ? round($psi, 1) : round($psi));
    }

    /** What to do first where paint is too coarse for the nozzle. */
    public static function changeNozzle(Spraying $spraying): string
    {
        return \sprintf(
            '%s is coarse for %s mm nozzle: change to %s mm or more before you raise the air',
            $spraying->craft ? 'craft paint' : Words::a($spraying->kind->value.' paint'),
            Words::a((string) $spraying->nozzle->mm),
            Nozzle::finestMm($spraying->kind, $spraying->craft),
        );
    }

    /** @return list<Factor> */
    private static function ofKind(Spraying $spraying): array
    {
        return match ($spraying->kind) {
            Kind::Metallic, Kind::Holographic, Kind::ColourShift => [new Factor(1.25, 'flakes are heavy and want more air')],
            Kind::Phosphorescent => [new Factor(1.25, 'its grains are heavy and want more air')],
            Kind::Fluorescent => [new Factor(1.05, 'a fluorescent is a little thicker')],
            default => [],
        };
    }

    /** @return list<Factor> */
    private static function ofThinning(Spraying $spraying): array
    {
        if ($spraying->thinning <= 0) {
            return [];
        }
        $share = $spraying->thinning * ($spraying->water ? self::WATER : 1.0);
        $times = exp(-self::THINNING * $share ** self::THINNING_POWER * $spraying->work->thinningCounts());

        return [new Factor($times, \sprintf(
            'with %d %% %s it breaks up at less air',
            round($spraying->thinning * 100),
            $spraying->water ? 'water' : 'reducer',
        ))];
    }

    private static function within(float $psi): float
    {
        return max(self::LEAST_PSI, min(self::MOST_PSI, $psi));
    }
}
