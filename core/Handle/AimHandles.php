<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Handle;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\CoatDocument;
use Hawkbrush\Core\Technique\Placed;

/** Where the brush is aimed, and how wide the band is that it sprays. */
final class AimHandles
{
    /** @return list<Handle> none where nothing is sprayed */
    public static function of(Coat $coat, Body $body): array
    {
        if (! $coat->technique->sprayed()) {
            return [];
        }
        $range = $coat->place->asRange($body);
        $u = $coat->technique instanceof Placed
            ? $coat->technique->anchors($body, $coat->choices)[0]->u
            : ($range->fromU + $range->toU) / 2;
        $aim = new SurfacePoint($body, $u, $coat->aimDeg ?? ($range->fromDeg + $range->toDeg) / 2);
        $half = $coat->widthMm === null
            ? max(0.5, (new SurfacePoint($body, $u, $range->toDeg))->wayMm() - $aim->wayMm())
            : $coat->widthMm / 2;
        $edge = $aim->away(0, $half);

        return [
            new Handle('aim', 'aim of the brush', $aim->u, $aim->deg, self::say($coat->aimDeg), false, true,
                static fn(float $u, float $deg): array => ['aim_deg' => round($deg)], true),
            new Handle('width', 'width of the spray', $edge->u, $edge->deg,
                $coat->widthMm === null ? 'fanned out' : \sprintf('%.1f mm wide', $coat->widthMm), false, true,
                static fn(float $u, float $deg): array => ['width_mm' => round(
                    CoatDocument::fields()->of('width_mm')->within(2 * abs($aim->to(new SurfacePoint($body, $aim->u, $deg))[1])),
                    1,
                )], true),
        ];
    }

    private static function say(?float $deg): string
    {
        return match (true) {
            $deg === null => 'all round, turned',
            $deg < 1 => 'straight from above',
            $deg > 179 => 'straight from below',
            abs($deg - 90) < 1 => 'square to the side',
            $deg < 90 => \sprintf('%d° off the back', round($deg)),
            default => \sprintf('%d° off the keel', round(180 - $deg)),
        };
    }
}
