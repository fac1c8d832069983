<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Handle;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Index;
use Hawkbrush\Core\Coat\Place;

/** The four edges of a place. A zone that is pulled becomes a range of one's own that begins as that zone. */
final class PlaceHandles
{
    /** A place is at least so long, and goes so far around. */
    private const LEAST_U = 0.01;

    private const LEAST_DEG = 3.0;

    /** @return list<Handle> */
    public static function of(Place $place, Body $body): array
    {
        $range = $place->asRange($body);
        $middle = ($range->fromU + $range->toU) / 2;
        $deg = ($range->fromDeg + $range->toDeg) / 2;
        $set = static fn(?float $fromU = null, ?float $toU = null, ?float $fromDeg = null, ?float $toDeg = null): array => [
            'where' => [
                'from_u' => self::round($body, $fromU ?? $range->fromU),
                'to_u' => self::round($body, $toU ?? $range->toU),
                'from_deg' => round($fromDeg ?? $range->fromDeg, 1),
                'to_deg' => round($toDeg ?? $range->toDeg, 1),
                'soft' => round($range->soft, 2),
            ] + ($range->side === null ? [] : ['side' => $range->side]),
        ];
        $along = static fn(string $id, string $what, float $u, \Closure $moved): Handle => new Handle(
            $id, $what, $u, $deg, Index::along($body, $u), true, false, $moved,
        );
        $around = static fn(string $id, string $what, float $at, \Closure $moved): Handle => new Handle(
            $id, $what, $middle, $at, Index::around($body, $middle, $at), false, true, $moved,
        );

        return [
            $along('place front', 'front end of the place', $range->fromU,
                static fn(float $u): array => $set(fromU: min($u, $range->toU - self::LEAST_U))),
            $along('place rear', 'rear end of the place', $range->toU,
                static fn(float $u): array => $set(toU: max($u, $range->fromU + self::LEAST_U))),
            $around('place upper', 'upper edge of the place', $range->fromDeg,
                static fn(float $u, float $to): array => $set(fromDeg: min($to, $range->toDeg - self::LEAST_DEG))),
            $around('place lower', 'lower edge of the place', $range->toDeg,
                static fn(float $u, float $to): array => $set(toDeg: max($to, $range->fromDeg + self::LEAST_DEG))),
        ];
    }

    /** To the tenth of a millimetre, as far as calipers tell. */
    public static function round(Body $body, float $u): float
    {
        return max(0.0, min(1.0, round(round($u * $body->lengthMm, 1) / $body->lengthMm, 6)));
    }
}
