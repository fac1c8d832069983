<?php

declare(strict_types=1);

namespace App\Stores\Bodies;

use App\Keeping\CodeVersion;
use App\Keeping\PictureCache;
use Hawkbrush\Core\Body\Body as CoreBody;
use Hawkbrush\Core\Body\Measure;
use Illuminate\Support\Facades\Cache;

/** A body as the pages show it, with its profile sampled for drawing. */
final class BodyView
{
    private const SAMPLES = 97;

    /** @return array<string, mixed> */
    public static function of(Body $body): array
    {
        $shape = self::known($body);

        return [
            'id' => $body->id,
            'name' => $body->name,
            'material' => $body->material,
            'stock' => $body->stock,
            'condition' => $body->condition,
            'fittings' => $body->fittings, 'weight_g' => $body->weight_g, 'price' => $body->lots->whereNotNull('price')->last()?->price,
            'revision' => $body->revision, 'archived' => $body->archived_at !== null, ...$shape,
        ];
    }

    /** @return array<string, mixed> its shape, measured once */
    public static function known(Body $body): array
    {
        /** @var array<string, mixed> */
        return Cache::remember(
            'body:'.CodeVersion::ofCore().$body->fingerprint, PictureCache::KEPT_S, static fn(): array => self::shape($body->core()),
        );
    }

    /** @return array<string, mixed> */
    public static function shape(CoreBody $core): array
    {
        $top = $bottom = $half = [];
        for ($i = 0; $i < self::SAMPLES; $i++) {
            $u = $i / (self::SAMPLES - 1);
            $top[] = round($core->topAt($u), 3);
            $bottom[] = round($core->bottomAt($u), 3);
            $half[] = round($core->halfWidthAt($u), 3);
        }
        $marks = $core->marks;

        return [
            'length_mm' => $core->lengthMm,
            'exponent' => $core->exponent,
            'area_mm2' => round(Measure::areaMm2($core), 1),
            'girth_mm' => round(max(array_map(static fn(float $u): float => Measure::girthMm($core, $u), [0.25, 0.35, 0.45, 0.55])), 1),
            'volume_mm3' => round(Measure::volumeMm3($core), 1),
            'profile' => ['top_mm' => $top, 'bottom_mm' => $bottom, 'half_width_mm' => $half],
            'marks' => [
                'gill_u' => $marks->gillU,
                'eye_u' => $marks->eyeU,
                'eye_deg' => $marks->eyeDeg,
                'eye_socket_mm' => $marks->eyeSocketMm,
                'eye_socket_depth_mm' => $marks->eyeSocketDepthMm,
                'bill_length_mm' => $marks->billLengthMm,
                'bill_angle_deg' => $marks->billAngleDeg,
                'bill_loose' => $marks->billLoose,
                'tail_length_mm' => $marks->tailLengthMm,
                'joints_u' => $marks->jointsU,
                'hooks_u' => $marks->hooksU,
                'tie_u' => $marks->tieU,
                'tie_deg' => $marks->tieDeg,
            ],
        ];
    }
}
