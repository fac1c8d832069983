<?php

declare(strict_types=1);

namespace Database\Seeders;

use Illuminate\Http\UploadedFile;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** A picture that stands in for the photograph of a fish: drawn, since the invented lake holds no real ones. */
final class DemoPhoto
{
    private const WIDTH = 900;

    private const HEIGHT = 420;

    public static function roach(): UploadedFile
    {
        $chance = new Randomizer(new Xoshiro256StarStar(7));
        $image = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        for ($x = 0; $x < self::WIDTH; $x++) {
            $u = ($x - 90) / 700;
            $tall = $u > 0 && $u < 1 ? 118 * sin(M_PI * $u ** 0.72) ** 0.8 + 14 : 0;
            for ($y = 0; $y < self::HEIGHT; $y++) {
                $v = $tall > 0 ? ($y - 205) / $tall : 2.0;
                $noise = $chance->getInt(-6, 6);
                // Back, flank, belly; red towards the fins; behind it wet boards.
                [$r, $g, $b] = abs($v) <= 1 ? self::side($v, $u) : [
                    118 + ($y % 70 < 3 ? -30 : 0),
                    112 + ($y % 70 < 3 ? -30 : 0),
                    101 + ($y % 70 < 3 ? -28 : 0),
                ];
                imagesetpixel($image, $x, $y, self::pixel($r + $noise, $g + $noise, $b + $noise));
            }
        }
        imagefilledellipse($image, 150, 190, 38, 38, self::pixel(186, 74, 40));
        imagefilledellipse($image, 150, 190, 18, 18, self::pixel(18, 18, 20));
        $path = (string) tempnam(sys_get_temp_dir(), 'fish');
        imagejpeg($image, $path, 90);

        return new UploadedFile($path, 'roach.jpg', 'image/jpeg', null, true);
    }

    /** @return array{float, float, float} */
    private static function side(float $v, float $u): array
    {
        $back = max(0.0, min(1.0, (-0.25 - $v) / 0.4));
        $belly = max(0.0, min(1.0, ($v - 0.3) / 0.4));
        $fin = $v > 0.55 && abs($u - 0.62) < 0.09 ? 0.7 : 0.0;
        $mix = static fn(
            float $flank,
            float $dark,
            float $white,
            float $red,
        ): float => ($flank * (1 - $back - $belly) + $dark * $back + $white * $belly) * (1 - $fin) + $red * $fin;

        return [$mix(168, 62, 226, 190), $mix(176, 78, 226, 70), $mix(178, 82, 218, 44)];
    }

    private static function pixel(float $r, float $g, float $b): int
    {
        $byte = static fn(float $c): int => (int) max(0, min(255, $c));

        return $byte($r) << 16 | $byte($g) << 8 | $byte($b);
    }
}
