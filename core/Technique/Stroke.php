<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

use Hawkbrush\Core\Body\Surface;

/** A stroke of the airbrush along the body: how it falls off to either side, and where its middle runs. */
final class Stroke
{
    /** @return list<float> its section by quarter millimetres from its middle: half at half the width */
    public static function bell(float $widthMm): array
    {
        $bell = [];
        $half = $widthMm / 2;
        for ($quarter = 0; $quarter / 4 < $half * 2.6; $quarter++) {
            $bell[] = exp(-M_LN2 * ($quarter / 4 / $half) ** 2);
        }

        return $bell;
    }

    /** @return list<float> way around in mm to the line the brush points at, by column */
    public static function middle(Surface $surface, float $aimDeg): array
    {
        $row = (int) round($aimDeg / 180 * $surface->rows - 0.5);
        if ($row < 0 || $aimDeg <= 0) {
            return array_fill(0, $surface->columns, 0.0);
        }

        return \array_slice($surface->arcMm, min($row, $surface->rows - 1) * $surface->columns, $surface->columns);
    }
}
