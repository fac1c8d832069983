<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Fix;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Render\Texture;

/** Values of the core as plain JSON. */
final class ResultWriter
{
    /** @return array{float, float, float} */
    public static function lab(Lab $lab): array
    {
        return [$lab->l, $lab->a, $lab->b];
    }

    /** @return array<string, mixed> */
    public static function finding(Finding $finding): array
    {
        return [
            'rule' => $finding->rule,
            'severity' => $finding->severity->value,
            'step' => $finding->stepId,
            'headline' => $finding->headline,
            'reason' => $finding->reason,
            'fix' => self::fix($finding->fix),
            'meant' => $finding->meant,
            'answer' => self::fix($finding->answer),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function fix(?Fix $fix): ?array
    {
        return $fix === null
            ? null
            : ['label' => $fix->label, 'step' => $fix->stepId, 'set' => (object) $fix->set, 'insert' => $fix->insert,
                'before' => $fix->before];
    }

    /** @return array<string, mixed> */
    public static function texture(Texture $texture): array
    {
        return [
            'width' => $texture->width,
            'height' => $texture->height,
            'palette' => $texture->palette,
            'glint' => $texture->glint,
            'cells' => base64_encode($texture->cells),
            'bytes_per_cell' => 2,
        ] + ($texture->away === null ? [] : ['away' => $texture->away]) + ($texture->night === null ? [] : ['night' => $texture->night]);
    }
}
