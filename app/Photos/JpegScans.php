<?php

declare(strict_types=1);

namespace App\Photos;

/**
 * How many scans a JPEG is put together from. It is walked marker by marker (ITU-T T.81, B.1.1) to the end of its image: what a
 * camera hangs on behind, such as the film of a motion photograph, holds any bytes.
 */
final class JpegScans
{
    private const END_OF_IMAGE = 0xD9;

    private const START_OF_SCAN = 0xDA;

    /** @param int $most counted no farther than one more */
    public static function count(string $bytes, int $most): int
    {
        $scans = 0;
        for ($at = 2; $scans <= $most;) {
            $at = strpos($bytes, "\xFF", $at);
            $marker = $at === false ? self::END_OF_IMAGE : \ord($bytes[$at + 1] ?? "\xD9");
            if ($marker === self::END_OF_IMAGE) {
                break;
            }
            // In the coded data an FF is followed by 00, or is a restart marker; a marker may be filled up with FF before it.
            if ($marker === 0x00 || $marker === 0x01 || $marker >= 0xD0 && $marker <= 0xD8) {
                $at += 2;
            } elseif ($marker === 0xFF) {
                $at++;
            } else {
                $scans += $marker === self::START_OF_SCAN ? 1 : 0;
                $at += 2 + max(2, 256 * \ord($bytes[$at + 2] ?? "\0") + \ord($bytes[$at + 3] ?? "\0"));
            }
            if ($at >= \strlen($bytes)) {
                break;
            }
        }

        return $scans;
    }
}
