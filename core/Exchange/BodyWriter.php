<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Extent;
use Hawkbrush\Core\Body\Shine;
use Hawkbrush\Core\Body\Station;
use Hawkbrush\Core\Colour\Spectrum;

/** Writes a body as it stands in a document. */
final class BodyWriter
{
    /** @return array<string, mixed> */
    public static function write(Body $body): array
    {
        $marks = $body->marks;

        return [
            'name' => $body->name,
            'material' => $body->material,
            'length_mm' => $body->lengthMm,
            'exponent' => $body->exponent,
            'stations' => array_map(static fn(Station $s): array => [$s->u, $s->topMm, $s->bottomMm, $s->halfWidthMm], $body->stations),
            'ground' => ['reflectance' => ['start' => Spectrum::START_NM, 'step' => Spectrum::STEP_NM, 'values' => $body->ground->values]],
            ...$body->shine === Shine::None ? [] : ['shine' => $body->shine->value],
            'marks' => [
                'gill_u' => $marks->gillU,
                'eye_u' => $marks->eyeU,
                'eye_deg' => $marks->eyeDeg,
                'eye_socket_mm' => $marks->eyeSocketMm,
                'eye_socket_depth_mm' => $marks->eyeSocketDepthMm,
                'bill_length_mm' => $marks->billLengthMm,
                'bill_angle_deg' => $marks->billAngleDeg,
                'joints_u' => $marks->jointsU,
                'hooks_u' => $marks->hooksU,
                'tie_u' => $marks->tieU,
                'tie_deg' => $marks->tieDeg,
            ] + ($marks->zones === [] ? [] : ['zones' => array_map(self::extent(...), $marks->zones)]),
        ];
    }

    /** @return array<string, float> within the body, as a painter set it */
    public static function extent(Extent $extent): array
    {
        return [
            'from_u' => max(0.0, $extent->fromU), 'to_u' => min(1.0, $extent->toU), 'soft_u' => $extent->softU,
            'from_deg' => max(0.0, $extent->fromDeg), 'to_deg' => min(180.0, $extent->toDeg), 'soft_deg' => $extent->softDeg,
        ];
    }
}
