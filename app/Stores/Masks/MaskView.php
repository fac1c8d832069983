<?php

declare(strict_types=1);

namespace App\Stores\Masks;

use Hawkbrush\Core\Flat\PathText;
use Hawkbrush\Core\Mask\Plate;
use Hawkbrush\Core\Technique\Techniques;

/** A mask as the box shows it. */
final class MaskView
{
    /** @return array<string, mixed> */
    public static function of(Mask $mask): array
    {
        $name = $mask->technique['name'] ?? '';

        return [
            'id' => $mask->id, 'name' => $mask->name, 'body' => ['id' => $mask->body->id, 'name' => $mask->body->name],
            'technique' => $mask->technique, 'label' => \is_string($name) ? Techniques::named($name)->label() : '', 'seed' => $mask->seed,
            'sheet' => $mask->sheet,
            'uses' => $mask->uses,
            'lasts' => $mask->lasts,
            'revision' => $mask->revision,
            'retired' => $mask->retired_at !== null,
            'plate' => self::plate($mask->plate()),
        ];
    }

    /** @return array<string, mixed> */
    public static function plate(Plate $plate): array
    {
        return [
            'width_mm' => round($plate->widthMm, 2),
            'height_mm' => round($plate->heightMm, 2),
            'openings' => PathText::write($plate->openings),
            'opening_mm' => [round($plate->openings->width(), 2), round($plate->openings->height(), 2)],
            'midline_mm' => $plate->midline === null ? null : round($plate->midline, 2),
            'uprights' => array_map(static fn(array $mark): array => ['name' => $mark[0], 'at_mm' => round($mark[1], 2)], $plate->uprights),
            'index' => $plate->index,
        ];
    }
}
