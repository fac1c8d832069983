<?php

declare(strict_types=1);

namespace App\Present;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Index;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Render\CoreCoat;
use Hawkbrush\Core\Render\CoreSample;
use Hawkbrush\Core\Render\Explanation;

/** The film at a point, cut through. */
final class CoreView
{
    /** @return array<string, mixed> */
    public static function of(CoreSample $core, Body $body): array
    {
        $last = $core->coats === [] ? $core->ground : $core->coats[\count($core->coats) - 1]->after;

        return [
            'u' => $core->u,
            'deg' => $core->thetaDeg,
            'at' => Index::say($body, $core->u, $core->thetaDeg),
            'ground' => self::colour($core->ground),
            'colour' => self::colour($last),
            'at_mirror' => $core->atMirror === null ? null : self::colour($core->atMirror),
            'coats' => array_map(static fn(CoreCoat $coat, int $i): array => [
                'step' => $coat->stepId,
                'number' => $coat->number,
                'name' => $coat->name,
                'dry_um' => round($coat->dryUm, 2),
                'passes' => round($coat->passes, 4),
                'returns' => round($coat->returns, 4),
                'takes' => round($coat->takes, 4),
                'says' => Explanation::explain(\array_slice($core->coats, 0, $i + 1)),
                'delta_e' => round($coat->deltaE, 2),
                'from_card' => $coat->fromCard,
                'colour' => self::colour($coat->after),
            ], $core->coats, array_keys($core->coats)),
            'cause' => $core->cause,
            'section' => [
                'y_mm' => self::rounded($core->slice->yMm),
                'z_mm' => self::rounded($core->slice->zMm),
                'hex' => array_map(static fn(Colour $colour): string => $colour->hex(), $core->slice->colours),
                'um' => self::rounded($core->slice->um),
            ],
        ];
    }

    /**
     * @param list<float> $figures
     *
     * @return list<float>
     */
    private static function rounded(array $figures): array
    {
        return array_map(static fn(float $figure): float => round($figure, 2), $figures);
    }

    /** @return array{hex: string, l: float, c: float, h: float} */
    public static function colour(Colour $colour): array
    {
        return [
            'hex' => $colour->hex(),
            'l' => round($colour->lab->l, 1),
            'c' => round($colour->lab->chroma(), 1),
            'h' => round($colour->lab->hue(), 1),
        ];
    }
}
