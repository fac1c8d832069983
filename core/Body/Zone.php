<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

/**
 * The zones painters name. Each is a soft function of u and theta, scaled by the body's own marks; they overlap where
 * words do (the gill plate is part of the head).
 */
enum Zone: string
{
    case Whole = 'whole';
    case Back = 'back';
    case Shoulder = 'shoulder';
    case Flank = 'flank';
    case LowerFlank = 'lower flank';
    case Belly = 'belly';
    case Head = 'head';
    case Muzzle = 'muzzle';
    case GillPlate = 'gill plate';
    case Throat = 'throat';
    case Tail = 'tail';
    case LateralLine = 'lateral line';

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(self $zone): string => $zone->value, self::cases());
    }

    /**
     * Extent along the length and around, each with the width over which it fades: [from, to, soft] in u, then in
     * degrees from the back ridge. Common practice, no published source.
     *
     * @return array{array{float, float, float}, array{float, float, float}}
     */
    public function extent(Marks $marks): array
    {
        $gill = $marks->gillU;
        $all = [-1.0, 2.0, 0.0];

        return match ($this) {
            self::Whole => [$all, [-1.0, 361.0, 0.0]],
            self::Back => [$all, [-90.0, 38.0, 24.0]],
            self::Shoulder => [[$gill * 0.6, 1.2, 0.12], [22.0, 66.0, 26.0]],
            self::Flank => [$all, [52.0, 112.0, 30.0]],
            self::LowerFlank => [$all, [100.0, 140.0, 24.0]],
            self::Belly => [$all, [138.0, 270.0, 26.0]],
            self::Head => [[-1.0, $gill, 0.05], [-1.0, 361.0, 0.0]],
            self::Muzzle => [[-1.0, $gill * 0.42, 0.08], [-1.0, 361.0, 0.0]],
            self::GillPlate => [[$gill * 0.58, $gill, 0.03], [48.0, 140.0, 20.0]],
            self::Throat => [[$gill * 0.45, $gill * 1.35, 0.08], [132.0, 270.0, 24.0]],
            self::Tail => [[0.88, 2.0, 0.08], [-1.0, 361.0, 0.0]],
            self::LateralLine => [[$gill * 1.02, 1.2, 0.04], [80.0, 94.0, 9.0]],
        };
    }

    /** How much of this place belongs to the zone, 0 to 1. */
    public function weight(Marks $marks, float $u, float $thetaDeg): float
    {
        $folded = $thetaDeg > 180 ? 360 - $thetaDeg : $thetaDeg;
        [$along, $around] = $this->extent($marks);

        return Smooth::between($along[0], $along[1], $along[2], $u) * Smooth::between($around[0], $around[1], $around[2], $folded);
    }
}
