<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Body\Body;
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
            'marks' => [
                'gill_u' => $marks->gillU,
                'eye_u' => $marks->eyeU,
                'eye_deg' => $marks->eyeDeg,
                'eye_socket_mm' => $marks->eyeSocketMm,
                'bill_length_mm' => $marks->billLengthMm,
                'bill_angle_deg' => $marks->billAngleDeg,
                'joints_u' => $marks->jointsU,
                'hooks_u' => $marks->hooksU,
            ],
        ];
    }
}
