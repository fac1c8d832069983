<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

/** The rear edge of the gill plate: bowed, farthest back at its middle. Its form is common practice, no published source. */
final class GillEdge
{
    private const MIDDLE_DEG = 92.0;

    /** Mm from the nose at so many degrees from the back. */
    public static function atMm(Body $body, float $deg): float
    {
        $gill = $body->marks->gillU * $body->lengthMm;

        return $gill - 0.16 * $gill * (($deg - self::MIDDLE_DEG) / 55) ** 2;
    }
}
