<?php

declare(strict_types=1);

namespace App\Photos;

use Intervention\Image\Exceptions\DecoderException;
use Intervention\Image\ImageManager;

/**
 * Draws a photograph anew as JPEG: whatever else was in the file (place, programs, scripts) is left behind. It runs in
 * a process of its own with bounds on time and memory, so it needs no framework.
 */
final class Redraw
{
    public const LONGEST_SIDE = 1600;

    private const QUALITY = 88;

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
        if ($size[2] === IMAGETYPE_JPEG && JpegScans::count((string) file_get_contents($from), self::MOST_SCANS) > self::MOST_SCANS) {
            return 'This photograph is put together from too many scans to be read. Save it as an ordinary JPEG first.';
        }
        try {
            // It is put upright as the camera held it, by what is written beside it.
            $image = ImageManager::gd()->read($from)->scaleDown(self::LONGEST_SIDE, self::LONGEST_SIDE);
        } catch (DecoderException) {
            return 'This photograph is damaged and cannot be read.';
        }

        return @file_put_contents($to, $image->toJpeg(self::QUALITY)->toString()) > 0 ? [
            'width' => $image->width(),
            'height' => $image->height(),
        ] : '';
    }
}
