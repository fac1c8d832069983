<?php

declare(strict_types=1);

namespace App\Present;

use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\SurfaceFinish;

/** A film over black and over white, as it looks under clear: the opacity is seen, not read. */
final class Chip
{
    private const BLACK = 0.01;

    private const WHITE = 0.9;

    /** @return array{black: string, white: string} */
    public static function of(?Optics $optics, float $dryUm): array
    {
        return ['black' => self::over(self::BLACK, $optics, $dryUm), 'white' => self::over(self::WHITE, $optics, $dryUm)];
    }

    private static function over(float $ground, ?Optics $optics, float $dryUm): string
    {
        $state = FilmState::ground(array_fill(0, Spectrum::BANDS, $ground));
        if ($optics !== null) {
            $state = $state->under(Film::of($optics, $dryUm));
        }

        return $state->colour(SurfaceFinish::Clear)->hex();
    }
}
