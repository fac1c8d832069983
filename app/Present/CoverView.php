<?php

declare(strict_types=1);

namespace App\Present;

/** Cover of one half of a bait as text for a small outline. */
final class CoverView
{
    public const COLUMNS = 48;

    public const ROWS = 24;

    /**
     * Fifteenths of cover, one hexadecimal digit a cell, row by row from ridge to belly.
     *
     * @param array<int, float> $cover share by cell of a surface of so many columns and rows
     */
    public static function of(array $cover): string
    {
        $digits = '';
        for ($cell = 0; $cell < self::COLUMNS * self::ROWS; $cell++) {
            $digits .= dechex((int) (15 * ($cover[$cell] ?? 0.0)));
        }

        return $digits;
    }
}
