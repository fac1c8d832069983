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

    /** The ring around an eye, by the eye's diameter. */
    private const RING = 2.0;

    private const RING_SOFT = 0.5;

    /** An eye where no socket was measured, by the depth of the head there. */
    private const EYE_OF_HEAD = 0.3;

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

    /** Whether it is round all over rather than a field with round corners. */
    public function isOval(): bool
    {
        return $this->isSpot() || \in_array($this, [self::Head, self::Muzzle, self::GillPlate, self::Throat, self::Tail], true);
    }

    /** As the painter has set it on this body, else as the body's own marks would have it. Common practice, no published source. */
    public function extent(Body $body): Extent
    {
        return $body->marks->zones[$this->value] ?? $this->byMarks($body);
    }

    /** How much of this place belongs to the zone, 0 to 1. */
    public function weight(Body $body, float $u, float $thetaDeg): float
    {
        return $this->extent($body)->at($u, $thetaDeg > 180 ? 360 - $thetaDeg : $thetaDeg);
    }

    private function byMarks(Body $body): Extent
    {
        $gill = $body->marks->gillU;
        // Between gill and tail fins stand where they stand on most fish.
        $fin = static fn(float $from, float $to, float $fromDeg, float $toDeg): Extent => new Extent(
            $gill + (1 - $gill) * $from,
            $gill + (1 - $gill) * $to,
            0.03,
            $fromDeg,
            $toDeg,
            14.0,
            true,
        );

        [$nose, $tail, $ridge, $keel] = [Extent::NOSE, Extent::TAIL, Extent::RIDGE, Extent::KEEL];

        return match ($this) {
            self::Whole => new Extent($nose, $tail, 0.0, $ridge, $keel, 0.0),
            self::Back => new Extent($nose, $tail, 0.0, $ridge, 38.0, 24.0),
            self::Shoulder => new Extent($gill * 0.6, $tail, 0.12, 22.0, 66.0, 26.0),
            self::Flank => new Extent($nose, $tail, 0.0, 52.0, 112.0, 30.0),
            self::LowerFlank => new Extent($nose, $tail, 0.0, 100.0, 140.0, 24.0),
            self::Belly => new Extent($nose, $tail, 0.0, 138.0, $keel, 26.0),
            // Round towards the back and the belly, as what is sprayed from the front or from behind comes out.
            self::Head => new Extent($nose, $gill, 0.05, -80.0, 260.0, 40.0, true),
            self::Muzzle => new Extent($nose, $gill * 0.42, 0.08, -60.0, 240.0, 40.0, true),
            self::GillPlate => new Extent($gill * 0.58, $gill, 0.03, 48.0, 140.0, 20.0, true),
            self::Throat => new Extent($gill * 0.45, $gill * 1.35, 0.08, 132.0, $keel, 24.0, true),
            self::Tail => new Extent(0.88, $tail, 0.08, -60.0, 240.0, 40.0, true),
            self::LateralLine => new Extent($gill * 1.02, $tail, 0.04, 80.0, 94.0, 9.0),
            self::EyeSurround => $this->aroundTheEye($body),
            self::PectoralFin => $fin(0.02, 0.15, 112.0, 140.0),
            self::PelvicFin => $fin(0.24, 0.36, 140.0, 170.0),
            self::AnalFin => $fin(0.58, 0.76, 146.0, 176.0),
            self::DorsalFin => $fin(0.3, 0.52, $ridge, 26.0),
        };
    }

    /** A ring of twice the eye's size; the eye itself lies in its middle. Common practice, no published source. */
    private function aroundTheEye(Body $body): Extent
    {
        $marks = $body->marks;
        $head = $body->topAt($marks->eyeU) + $body->bottomAt($marks->eyeU);
        $radius = self::RING * ($marks->eyeSocketMm ?? self::EYE_OF_HEAD * $head) / 2;
        [$u, $deg] = [$radius / $body->lengthMm, $radius / $body->mmPerDegAt($marks->eyeU, $marks->eyeDeg)];

        return new Extent(
            $marks->eyeU - $u,
            $marks->eyeU + $u,
            $u * self::RING_SOFT,
            $marks->eyeDeg - $deg,
            $marks->eyeDeg + $deg,
            $deg * self::RING_SOFT,
            true,
        );
    }
}
