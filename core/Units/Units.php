<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Units;

/**
 * The units a painter may choose. Everything is stored in the first of each: mm, psi, ml, C.
 *
 * 1 psi = 6.894757 kPa (NIST SP 811); 1 in = 25.4 mm (exact); a drop is 1/20 ml (common practice, no published source).
 */
final class Units
{
    private const KPA_PER_PSI = 6.894757;

    private const MM_PER_INCH = 25.4;

    private const DROPS_PER_ML = 20.0;

    /** @return array<string, list<Unit>> by what is measured */
    public static function all(): array
    {
        return [
            'length' => [Unit::of('mm', 1.0, 2), Unit::of('in', 1 / self::MM_PER_INCH, 3)],
            'pressure' => [Unit::of('psi', 1.0, 1), Unit::of('bar', self::KPA_PER_PSI / 100, 2), Unit::of('kPa', self::KPA_PER_PSI, 1)],
            'volume' => [Unit::of('ml', 1.0, 2), Unit::of('drops', self::DROPS_PER_ML, 0)],
            'temperature' => [Unit::of('C', 1.0, 1), Unit::of('F', 1.8, 1, 32.0)],
        ];
    }

    /** @return list<string> */
    public static function names(string $measured): array
    {
        return array_map(static fn(Unit $unit): string => $unit->name, self::all()[$measured] ?? []);
    }

    public static function named(string $measured, string $name): ?Unit
    {
        foreach (self::all()[$measured] ?? [] as $unit) {
            if ($unit->name === $name) {
                return $unit;
            }
        }

        return null;
    }
}
