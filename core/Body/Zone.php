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
    case EyeSurround = 'eye surround';
    case PectoralFin = 'pectoral fins';
    case PelvicFin = 'pelvic fins';
    case AnalFin = 'anal fin';
    case DorsalFin = 'dorsal fin';

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(self $zone): string => $zone->value, self::cases());
    }

    /** Whether it is a spot to aim at within the larger zones, which hold its area already. */
    public function isSpot(): bool
    {
        return \in_array($this, [self::EyeSurround, self::PectoralFin, self::PelvicFin, self::AnalFin, self::DorsalFin], true);
    }

    /** As the painter has set it on this body, else as the body's own marks would have it. Common practice, no published source. */
    public function extent(Marks $marks): Extent
    {
        return $marks->zones[$this->value] ?? $this->byMarks($marks);
    }

    /** How much of this place belongs to the zone, 0 to 1. */
    public function weight(Marks $marks, float $u, float $thetaDeg): float
    {
        $extent = $this->extent($marks);

        return $extent->along($u) * $extent->around($thetaDeg > 180 ? 360 - $thetaDeg : $thetaDeg);
    }

    private function byMarks(Marks $marks): Extent
    {
        $gill = $marks->gillU;
        $eye = 0.3 * $gill;
        // Between gill and tail fins stand where they stand on most fish.
        $fin = static fn(float $from, float $to, float $fromDeg, float $toDeg): Extent => new Extent(
            $gill + (1 - $gill) * $from,
            $gill + (1 - $gill) * $to,
            0.03,
            $fromDeg,
            $toDeg,
            14.0,
        );

        return match ($this) {
            self::Whole => new Extent(-1.0, 2.0, 0.0, -1.0, 361.0, 0.0),
            self::Back => new Extent(-1.0, 2.0, 0.0, -90.0, 38.0, 24.0),
            self::Shoulder => new Extent($gill * 0.6, 1.2, 0.12, 22.0, 66.0, 26.0),
            self::Flank => new Extent(-1.0, 2.0, 0.0, 52.0, 112.0, 30.0),
            self::LowerFlank => new Extent(-1.0, 2.0, 0.0, 100.0, 140.0, 24.0),
            self::Belly => new Extent(-1.0, 2.0, 0.0, 138.0, 270.0, 26.0),
            self::Head => new Extent(-1.0, $gill, 0.05, -1.0, 361.0, 0.0),
            self::Muzzle => new Extent(-1.0, $gill * 0.42, 0.08, -1.0, 361.0, 0.0),
            self::GillPlate => new Extent($gill * 0.58, $gill, 0.03, 48.0, 140.0, 20.0),
            self::Throat => new Extent($gill * 0.45, $gill * 1.35, 0.08, 132.0, 270.0, 24.0),
            self::Tail => new Extent(0.88, 2.0, 0.08, -1.0, 361.0, 0.0),
            self::LateralLine => new Extent($gill * 1.02, 1.2, 0.04, 80.0, 94.0, 9.0),
            self::EyeSurround => new Extent($marks->eyeU - $eye, $marks->eyeU + $eye, 0.03, $marks->eyeDeg - 26, $marks->eyeDeg + 26, 16.0),
            self::PectoralFin => $fin(0.02, 0.15, 112.0, 140.0),
            self::PelvicFin => $fin(0.24, 0.36, 140.0, 170.0),
            self::AnalFin => $fin(0.58, 0.76, 146.0, 176.0),
            self::DorsalFin => $fin(0.3, 0.52, -1.0, 26.0),
        };
    }
}
