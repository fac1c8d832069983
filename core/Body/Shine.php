<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Spectrum;

/**
 * Whether a bare body throws light back at the mirror angle. A mirror throws nearly all of it in its own tint and shows
 * the room elsewhere: what is set as its ground is that, its flat colour. Our own simplification, no published source.
 */
enum Shine: string
{
    case None = 'none';
    /** Mirror plastic, foil, plating. */
    case Mirror = 'mirror';
    case Glitter = 'glitter';

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(self $shine): string => $shine->value, self::cases());
    }

    /** @return array{float, float, float}|null X, Y and Z at the mirror angle, Y of a perfect mirror 1 */
    public function glint(Spectrum $ground): ?array
    {
        $thrown = match ($this) {
            self::None => 0.0,
            self::Mirror => 0.8,
            self::Glitter => 0.45,
        };
        $brightest = max(0.0, ...$ground->values);
        if ($thrown === 0.0 || $brightest === 0.0) {
            return null;
        }
        $xyz = Observer::xyz($ground->values);
        $by = $thrown / $brightest / 100;

        return [$xyz->x * $by, $xyz->y * $by, $xyz->z * $by];
    }
}
