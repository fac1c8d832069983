<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Srgb;
use Hawkbrush\Core\Colour\Xyz;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\SurfaceFinish;

/**
 * Film states as colours of the screen, thousands at a time: what {@see SurfaceFinish}, {@see Observer} and {@see Srgb} say one
 * by one, in one short loop. A test holds it to them. States met before are not worked out again: one kept from picture
 * to picture makes that of one more coat quicker.
 */
final class Pixels
{
    /** What is left of daylight by night. A guess, to see the bait by. */
    private const MOON = 0.012;

    /** Steps of the table from linear to encoded: fine enough for 8 bits even in the dark. */
    private const STEPS = 8192;

    /** @var list<float> weights of linear red by the bands followed */
    private readonly array $red;

    /** @var list<float> */
    private readonly array $green;

    /** @var list<float> */
    private readonly array $blue;

    /** @var list<int>|null 0 to 255 by linear value */
    private static ?array $table = null;

    /** @var list<int> */
    private readonly array $levels;

    /** @var array<int, FilmState> met before, by the number each has in its field and in those that go on from it */
    private array $states = [];

    /** @var array<int, int> their colours */
    private array $colours = [];

    /** @var array{array{float, float, float}, array{float, float, float}, array{float, float, float}} linear red, green and blue of a glint's X, Y and Z */
    private readonly array $shine;

    /** @var array{float, float, float} see {@see SurfaceFinish::surface} */
    private readonly array $surface;

    public function __construct(SurfaceFinish $finish, Bands $bands)
    {
        $this->surface = $finish->surface();
        $red = $green = $blue = [];
        [$x, $y, $z] = Observer::weights($bands);
        foreach ($x as $i => $weight) {
            [$r, $g, $b] = Srgb::linear(new Xyz($weight, $y[$i], $z[$i]));
            $red[] = $r;
            $green[] = $g;
            $blue[] = $b;
        }
        $this->red = $red;
        $this->green = $green;
        $this->blue = $blue;
        $this->shine = [Srgb::linear(new Xyz(100, 0, 0)), Srgb::linear(new Xyz(0, 100, 0)), Srgb::linear(new Xyz(0, 0, 100))];
        $this->levels = self::$table ??= self::table();
    }

    /** @return list<int> */
    private static function table(): array
    {
        $levels = [];
        // Where each level ends is soon worked out; to encode each of the steps takes longer than a small picture.
        for ($level = 0; $level < 255; $level++) {
            $end = (int) ceil(Srgb::decode(($level + 0.5) / 255) * self::STEPS);
            while (\count($levels) < $end) {
                $levels[] = $level;
            }
        }

        return [...$levels, ...array_fill(0, self::STEPS + 1 - \count($levels), 255)];
    }

    /**
     * @param int $number of the state in its field
     *
     * @return int 48 bits: red, green and blue under flat light, then the same at the mirror angle, a byte each
     */
    public function of(int $number, FilmState $state): int
    {
        if (($this->states[$number] ?? null) === $state) {
            return $this->colours[$number];
        }
        $this->states[$number] = $state;

        return $this->colours[$number] = $this->workOut($state);
    }

    /** {@see flat} and {@see bytes}, written out: this runs for every state in sight. */
    private function workOut(FilmState $state): int
    {
        if ($state->glint !== null || $state->glow !== null) {
            [$r, $g, $b] = $this->flat($state);
            $flat = $this->bytes($r, $g, $b);

            return $flat << 24 | ($state->glint === null ? $flat : $this->bytes(...$this->with([$r, $g, $b], ...$state->glint)));
        }
        $red = $this->red;
        $green = $this->green;
        $blue = $this->blue;
        [$first, $through, $inside] = $this->surface;
        $r = $g = $b = 0.0;
        foreach ($state->r as $i => $body) {
            $value = $body / (1 - $inside * $body);
            $r += $value * $red[$i];
            $g += $value * $green[$i];
            $b += $value * $blue[$i];
        }
        $levels = $this->levels;
        $r = (int) (($first + $through * $r) * self::STEPS + 0.5);
        $g = (int) (($first + $through * $g) * self::STEPS + 0.5);
        $b = (int) (($first + $through * $b) * self::STEPS + 0.5);
        $flat = ($levels[$r] ?? ($r > 0 ? 255 : 0)) << 16 | ($levels[$g] ?? ($g > 0 ? 255 : 0)) << 8 | ($levels[$b] ?? ($b > 0 ? 255 : 0));

        return $flat << 24 | $flat;
    }

    /** @return array{float, float, float} linear red, green and blue under flat light */
    private function flat(FilmState $state): array
    {
        $red = $this->red;
        $green = $this->green;
        $blue = $this->blue;
        $r = $g = $b = 0.0;
        [$first, $through, $inside] = $this->surface;
        $glow = $state->glow;
        foreach ($state->r as $i => $body) {
            $value = $first + $through * $body / (1 - $inside * $body);
            if ($glow !== null) {
                $value = min(SurfaceFinish::MOST_SENT, $value + $glow[$i] * (1 - $inside) / (1 - $inside * $body));
            }
            $r += $value * $red[$i];
            $g += $value * $green[$i];
            $b += $value * $blue[$i];
        }

        // A perfect white comes to 1 in each of the three.
        return [$r, $g, $b];
    }

    /**
     * Of a state with lights that are seldom there, see {@see FilmState}.
     *
     * @return int 48 bits: red, green and blue away from the mirror angle, then the same by night, a byte each
     */
    public function seldom(FilmState $state): int
    {
        [$x, $y, $z, $nightX, $nightY, $nightZ] = $state->seldom ?? [0.0, 0.0, 0.0, 0.0, 0.0, 0.0];
        [$r, $g, $b] = $this->flat($state);

        return $this->bytes(...$this->with([$r, $g, $b], $x, $y, $z)) << 24 | $this->bytes(
            ...$this->with([self::MOON * $r, self::MOON * $g, self::MOON * $b], $nightX, $nightY, $nightZ),
        );
    }

    /**
     * @param array{float, float, float} $rgb linear
     *
     * @return array{float, float, float} with a light of X, Y and Z
     */
    private function with(array $rgb, float $x, float $y, float $z): array
    {
        [$fromX, $fromY, $fromZ] = $this->shine;

        return [
            $rgb[0] + $x * $fromX[0] + $y * $fromY[0] + $z * $fromZ[0],
            $rgb[1] + $x * $fromX[1] + $y * $fromY[1] + $z * $fromZ[1],
            $rgb[2] + $x * $fromX[2] + $y * $fromY[2] + $z * $fromZ[2],
        ];
    }

    private function bytes(float $r, float $g, float $b): int
    {
        $levels = $this->levels;

        return ($levels[(int) ($r * self::STEPS + 0.5)] ?? ($r > 0 ? 255 : 0)) << 16
            | ($levels[(int) ($g * self::STEPS + 0.5)] ?? ($g > 0 ? 255 : 0)) << 8
            | ($levels[(int) ($b * self::STEPS + 0.5)] ?? ($b > 0 ? 255 : 0));
    }
}
