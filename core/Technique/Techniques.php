<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

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
            new Card\Card(),
            new Line\Line(),
            new Mottle\Mottle(),
            new Splatter\Splatter(),
        ];
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(Technique $t): string => $t->name(), self::all());
    }

    public static function named(string $name): ?Technique
    {
        foreach (self::all() as $technique) {
            if ($technique->name() === $name) {
                return $technique;
            }
        }

        return null;
    }
}
