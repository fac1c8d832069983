<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Srgb;
use Hawkbrush\Core\Colour\Xyz;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Look;

/**
 * Film states as colours of the screen, thousands at a time: what {@see Look}, {@see Observer} and {@see Srgb} say one
 * by one, in two short loops. A test holds it to them. States met before
 * are not worked out again: one kept from picture to picture makes the next edit's quicker.
 */
final class Pixels
{
    /** Steps of the table from linear to encoded: fine enough for 8 bits even in the dark. */
    private const STEPS = 8192;

    /** @var list<float> weights of linear red by band */
    private readonly array $red;

    /** @var list<float> */
    private readonly array $green;

    /** @var list<float> */
    private readonly array $blue;

    /** @var list<string>|null two hexadecimal digits by linear value */
    private static ?array $table = null;

    /** @var list<string> */
    private readonly array $digits;

    /** @var \WeakMap<FilmState, array{string, string}> colours worked out so far */
    private readonly \WeakMap $known;

    /** @var array{float, float, float} see {@see Look::surface} */
    private readonly array $surface;

    public function __construct(Look $look)
    {
        $this->surface = $look->surface();
        $red = $green = $blue = [];
        [$x, $y, $z] = Observer::weights();
        foreach ($x as $i => $weight) {
            [$r, $g, $b] = Srgb::linear(new Xyz($weight, $y[$i], $z[$i]));
            $red[] = $r;
            $green[] = $g;
            $blue[] = $b;
        }
        $this->red = $red;
        $this->green = $green;
        $this->blue = $blue;
        $this->known = new \WeakMap();
        $this->digits = self::$table ??= self::table();
    }

    /** @return list<string> */
    private static function table(): array
    {
        $digits = [];
        for ($i = 0; $i <= self::STEPS; $i++) {
            $digits[] = \sprintf('%02x', (int) round(255 * max(0.0, min(1.0, Srgb::encode($i / self::STEPS)))));
        }

        return $digits;
    }

    /** @return array{string, string} hex under flat light, and at the mirror angle */
    public function of(FilmState $state): array
    {
        return $this->known[$state] ??= $this->workOut($state);
    }

    /** @return array{string, string} */
    private function workOut(FilmState $state): array
    {
        $red = $this->red;
        $green = $this->green;
        $blue = $this->blue;
        $r = $g = $b = 0.0;
        [$first, $through, $inside] = $this->surface;
        foreach ($state->glow === null ? $state->r : $state->flat() as $i => $body) {
            $value = $first + $through * $body / (1 - $inside * $body);
            $r += $value * $red[$i];
            $g += $value * $green[$i];
            $b += $value * $blue[$i];
        }
        $flat = $this->hex($r, $g, $b);
        if ($state->glint === null) {
            return [$flat, $flat];
        }
        [$shineRed, $shineGreen, $shineBlue] = Srgb::linear(new Xyz($state->glint[0] * 100, $state->glint[1] * 100, $state->glint[2] * 100));

        return [$flat, $this->hex($r + $shineRed, $g + $shineGreen, $b + $shineBlue)];
    }

    private function hex(float $r, float $g, float $b): string
    {
        return '#'.$this->digits[$r <= 0 ? 0 : ($r >= 1 ? self::STEPS : (int) ($r * self::STEPS + 0.5))]
            .$this->digits[$g <= 0 ? 0 : ($g >= 1 ? self::STEPS : (int) ($g * self::STEPS + 0.5))]
            .$this->digits[$b <= 0 ? 0 : ($b >= 1 ? self::STEPS : (int) ($b * self::STEPS + 0.5))];
    }
}
