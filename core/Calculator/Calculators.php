<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

/** The one list of calculators. */
final class Calculators
{
    /** @return list<Calculator> */
    public static function all(): array
    {
        return [
            new ColourCalculator(),
            new DifferenceCalculator(),
            new FilmCalculator(),
            new StackCalculator(),
            new DrawdownCalculator(),
            new MixCalculator(),
            new HideCalculator(),
            new AreaCalculator(),
            new SpreadCalculator(),
            new ClimateCalculator(),
            new DryCalculator(),
            new PressureCalculator(),
            new FaultCalculator(),
            new CleanCalculator(),
            new OrderCalculator(),
            new PassesCalculator(),
            new RescueCalculator(),
            new EyeCalculator(),
            new ClearCalculator(),
            new AdviseCalculator(),
            new RenderCalculator(),
        ];
    }

    public static function named(string $name): ?Calculator
    {
        foreach (self::all() as $calculator) {
            if ($calculator->name() === $name) {
                return $calculator;
            }
        }

        return null;
    }
}
