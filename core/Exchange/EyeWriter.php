<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Eye\Fit;
use Hawkbrush\Core\Eye\Look;

/** An eye as a page draws it. */
final class EyeWriter
{
    /**
     * @param Body|null $body null: it lies on the table
     *
     * @return array<string, mixed> widths as percent of its own, heights in mm
     */
    public static function write(Look $look, ?Body $body): array
    {
        $eye = $look->eye;
        $proud = $body === null ? $look->domeMm : Fit::proudMm($body, $eye->diameterMm, $eye->kind);

        return [
            'kind' => $eye->kind,
            'diameter_mm' => $eye->diameterMm,
            'dome_mm' => round($look->domeMm, 2),
            'proud_mm' => round($proud, 2),
            'discs' => array_map(static fn(array $disc): array => ['percent' => round(100 * $disc['share'], 1), 'hex' => $disc['hex']], $look->discs),
            'shade' => $look->shade,
            'pupil' => ['shape' => $eye->pupil, 'percent' => round(100 * $look->pupilShare, 1), 'hex' => $look->pupilHex],
            'glint' => ['percent' => round(100 * $look->glintShare, 1), 'strength' => $look->glint],
            'night' => $look->nightHex,
        ];
    }
}
