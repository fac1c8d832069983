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
     * A thinner paint breaks up at less air: (1 + (s / 0.17)^4)^(-0.95 / 4) of a share s of reducer. A little of it hardly
     * counts, 60 percent bring 40 psi to 12, and a tenth more of it never takes more than a tenth of the air. Fitted.
     */
    private const THINS_FROM = 0.17;

    private const THINS_POWER = 0.95;

    private const THINS_BEND = 4;

    /** Water thins a little less than as much reducer. A guess. */
    private const WATER = 0.9;

    /** With so much reducer practice begins at so much less again. A guess. */
    private const THINNED = 0.4;

    private const THINNED_LOWER = 0.38;

    /** See-through paint, one light coat from close up, as it comes; by this power of how wet it is. Fitted. */
    private const CLOSE_PSI = 10.0;

    private const CLOSE_POWER = 0.6;

    private const LIGHT_UM = 9.0;

    /** No airbrush sprays with less, no hose is run with more. */
    private const LEAST_PSI = 0.5;

    private const MOST_PSI = 60.0;

    /** @param Experience|null $experience what was sprayed and noted with this paint and airbrush */
    public static function window(Spraying $spraying, ?Experience $experience = null): Window
    {
        $figures = $spraying->figures();
        $reasons = [
            new Factor(1.0, \sprintf('%s of paint as it comes: about %s psi', self::what($spraying), self::round($figures->psi))),
            ...self::ofKind($spraying),
            ...self::ofThinning($spraying),
            $spraying->nozzle->air(),
        ];
        $set = self::model($spraying);
        [$low, $high] = [$set * self::lowest($spraying), $set * $figures->spread[1]];
        if ($spraying->seenThrough() && $spraying->sweep !== null) {
            $low = min($low, self::CLOSE_PSI * ($spraying->sweep->wetUm / self::LIGHT_UM) ** self::CLOSE_POWER);
        }
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
        $psi = $spraying->figures()->psi * $spraying->nozzle->air()->times;
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
        $times = (1 + ($share / self::THINS_FROM) ** self::THINS_BEND)
            ** (-self::THINS_POWER / self::THINS_BEND * $spraying->figures()->thinningCounts);

        return [new Factor($times, \sprintf(
            'with %d %% %s it breaks up at less air',
            round($spraying->thinning * 100),
            $spraying->water ? 'water' : 'reducer',
        ))];
    }

    /** The work in words, with the width of the sweep where that decides. */
    private static function what(Spraying $spraying): string
    {
        return $spraying->work->label()
            .($spraying->sweep === null ? '' : \sprintf(', about %d mm wide,', round($spraying->sweep->widthMm)));
    }

    /** How far below practice goes, as a factor: the thinner the paint of a free coat, the closer and lower some spray it. */
    private static function lowest(Spraying $spraying): float
    {
        $thinned = $spraying->work->isFree() ? min(1.0, $spraying->thinning / self::THINNED) : 0.0;

        return $spraying->figures()->spread[0] * (1 - self::THINNED_LOWER * $thinned);
    }

    private static function within(float $psi): float
    {
        return max(self::LEAST_PSI, min(self::MOST_PSI, $psi));
    }
}
