<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

use Hawkbrush\Core\Refused;

/** The one list of techniques. A new one is a folder beside this file and a line here. */
final class Techniques
{
    /** @return list<Technique> */
    public static function all(): array
    {
        return [
            new Spray\Spray(),
            new Mesh\Mesh(),
            new Bars\Bars(),
            new Spot\Spot(),
            new Punch\Punch(),
            new Outline\Outline(),
            new DrawnOutline\DrawnOutline(),
            new KeepClear\KeepClear(),
            new Card\Card(),
            new EdgeLine\EdgeLine(),
            new Line\Line(),
            new PenBars\PenBars(),
            new Mottle\Mottle(),
            new Splatter\Splatter(),
            new Scallops\Scallops(),
            new Circles\Circles(),
            new SoftDots\SoftDots(),
            new Fan\Fan(),
            new Rays\Rays(),
            new Tape\Tape(),
            new Dots\Dots(),
            new Sponge\Sponge(),
            new Brush\Brush(),
            new DryBrush\DryBrush(),
            new Dip\Dip(),
            new Flakes\Flakes(),
            new Decal\Decal(),
            new Foil\Foil(),
        ];
    }

    /** What molten vinyl is laid by; it is no way of laying paint, and so not in the list. */
    public static function molten(): Technique
    {
        return new Dip\Dip(molten: true);
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(Technique $t): string => $t->name(), self::all());
    }

    /** @return list<string> those for which a mask is cut */
    public static function cutNames(): array
    {
        return array_values(array_map(
            static fn(Technique $t): string => $t->name(),
            array_filter(self::all(), static fn(Technique $t): bool => $t instanceof Cut),
        ));
    }

    /** @throws Refused when there is none */
    public static function named(string $name): Technique
    {
        foreach (self::all() as $technique) {
            if ($technique->name() === $name) {
                return $technique;
            }
        }
        throw Refused::because("There is no technique “{$name}”.");
    }
}
