<?php

declare(strict_types=1);

namespace App\Photos;

/**
 * Draws a photograph anew as JPEG: whatever else was in the file (place, programs, scripts) is left behind. It runs in
 * a process of its own with bounds on time and memory, so it needs no other class and no framework.
 */
final class Redraw
{
    public const LONGEST_SIDE = 1600;

    private const MOST_PIXELS = 60_000_000;

    /** A progressive JPEG of a camera or a program has about ten; each costs as much time as all of an ordinary one. */
    private const MOST_SCANS = 40;

    /**
     * @return array{width: int, height: int}|string what was written, or why it was not, in words for the painter
     */
    public static function file(string $from, string $to): array|string
    {
        $size = @getimagesize($from);
        if ($size === false || ! \in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            return 'A photograph is a JPEG, PNG or WebP file; this is none.';
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            return 'This photograph has more than 60 megapixels; make it smaller first.';
        }
        $bytes = (string) file_get_contents($from);
        // Start of scan, ITU-T T.81, B.1.1.3. In the coded data an FF is followed by 00, so it is not met there.
        if ($size[2] === IMAGETYPE_JPEG && substr_count($bytes, "\xFF\xDA") > self::MOST_SCANS) {
            return 'This photograph is put together from too many scans to be read. Save it as an ordinary JPEG first.';
        }
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            return 'This photograph is damaged and cannot be read.';
        }
        $by = min(1.0, self::LONGEST_SIDE / max($size[0], $size[1]));
        $small = imagescale($image, max(1, (int) round($size[0] * $by)), max(1, (int) round($size[1] * $by)));
        if ($small === false) {
            return 'This photograph cannot be made smaller.';
        }
        // Only now: turning it at its full size would take as much memory again.
        $small = self::upright($small, $from, $size[2]);

        return @imagejpeg($small, $to, 88) ? ['width' => imagesx($small), 'height' => imagesy($small)] : '';
    }

    /** A camera keeps the picture as it was held and writes beside it how; drawn anew, it has to stand upright by itself. */
    private static function upright(\GdImage $image, string $path, int $type): \GdImage
    {
        $held = $type === IMAGETYPE_JPEG ? (@exif_read_data($path) ?: [])['Orientation'] ?? 1 : 1;
        if (\in_array($held, [2, 4, 5, 7], true)) {
            imageflip($image, IMG_FLIP_HORIZONTAL);
        }
        $turn = match ($held) {
            3, 4 => 180,
            5, 8 => 90,
            6, 7 => 270,
            default => 0,
        };

        return $turn === 0 ? $image : (imagerotate($image, $turn, 0) ?: $image);
    }
}
