<?php

declare(strict_types=1);

namespace Tests;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Film\Unmeasured;

/** Films to look at: grounds, paints by their swatch, and what an eye sees. */
final class Films
{
    public static function white(): FilmState
    {
        return FilmState::ground(array_fill(0, 31, 0.9));
    }

    public static function black(): FilmState
    {
        return FilmState::ground(array_fill(0, 31, 0.02));
    }

    public static function look(FilmState $state, SurfaceFinish $finish = SurfaceFinish::Clear): Lab
    {
        return $state->colour($finish)->lab;
    }

    /** Of a swatch seen under clear, as a rack holds it. */
    public static function asSeen(string $hex, Kind $kind): Optics
    {
        return Unmeasured::optics(SurfaceFinish::Clear->body(Colour::fromHex($hex)->reflectance()), $kind);
    }
}
