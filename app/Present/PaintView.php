<?php

declare(strict_types=1);

namespace App\Present;

use App\Models\Paint;

/** A paint as the pages show it, its chip as an ordinary coat lies over black and over white. */
final class PaintView
{
    /** @return array<string, mixed> */
    public static function of(Paint $paint): array
    {
        $core = $paint->core();

        return [
            'id' => $paint->id,
            'name' => $paint->name,
            'kind' => $paint->kind,
            'hex' => $paint->hex,
            'family' => $paint->family,
            'solids' => $paint->solids,
            'drop_ml' => $paint->drop_ml,
            'bottle_ml' => $paint->bottle_ml,
            'left_ml' => $paint->left_ml,
            'from_card' => $paint->from_card,
            'archived' => $paint->archived_at !== null,
            'revision' => $paint->revision,
            'chip' => Chip::of($core->optics, $core->kind->ordinaryCoatUm()),
        ];
    }
}
