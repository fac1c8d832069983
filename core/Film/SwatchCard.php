<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\LeastSquares;
use Hawkbrush\Core\Colour\Spectrum;

/**
 * K and S from a card whose colours are known as swatches only, typed or off a photograph. Each swatch made into a curve is
 * a guess, and two such guesses contradict each other band by band. So only the curve over white is taken; K in each band
 * is what gives that curve, and S is what is likely, made more, steeper and more bent over the wavelengths until the
 * colour over black is met. Where that tells little, as of a film that hides, S stays near what is likely. Our own, no
 * published source.
 */
final readonly class SwatchCard
{
    /** Error of a colour over black as read off a screen or a photograph, in L*, a* and b*. */
    private const OFF = 0.25;

    /** How much more, steeper and more bent than likely S may be, as a logarithm; a guess. */
    private const PULLS = [1.5, 0.3, 0.15];

    /** S is at most so many times what is likely in any band, or as small a part, as a logarithm. */
    private const MOST = 5.0;

    private const STEPS = 6;

    private const GOOD_ENOUGH = 1e-3;

    private Lab $goal;

    private function __construct(
        private Spectrum $overWhite,
        Spectrum $overBlack,
        private Spectrum $white,
        private Spectrum $black,
        private float $dryUm,
        private Spectrum $likely,
    ) {
        $this->goal = Colour::fromReflectance($overBlack)->lab;
    }

    /**
     * @param Spectrum $overWhite of the film itself, without its surface, as all four
     * @param Spectrum $likely assumed S per micrometre, more than 0
     */
    public static function optics(
        Spectrum $overWhite,
        Spectrum $overBlack,
        Spectrum $white,
        Spectrum $black,
        float $dryUm,
        Spectrum $likely,
    ): Optics {
        $card = new self($overWhite, $overBlack, $white, $black, $dryUm, $likely);

        return $card->film(LeastSquares::minimise([0.0, 0.0, 0.0], $card->residual(...), self::STEPS, self::GOOD_ENOUGH));
    }

    /**
     * @param array{float, float, float} $c
     *
     * @return list<float> how far it misses the colour over black, and how far it is from what is likely, each by how far it may
     */
    private function residual(array $c): array
    {
        $film = Film::of($this->film($c), $this->dryUm);
        $lab = Colour::fromReflectance(Spectrum::of(FilmState::ground($this->black->values)->under($film)->r))->lab;

        return [
            ($lab->l - $this->goal->l) / self::OFF,
            ($lab->a - $this->goal->a) / self::OFF,
            ($lab->b - $this->goal->b) / self::OFF,
            ...array_map(static fn(float $more, float $pull): float => $more / $pull, $c, self::PULLS),
        ];
    }

    /** @param array{float, float, float} $c how much more than likely it scatters, how much steeper, how much more bent */
    private function film(array $c): Optics
    {
        $k = $s = [];
        foreach ($this->likely->values as $band => $likely) {
            $at = 2 * $band / (Spectrum::BANDS - 1) - 1;
            $more = max(-self::MOST, min(self::MOST, $c[0] + $c[1] * $at + $c[2] * $at * $at));
            $s[] = $scatters = min(Optics::STRONGEST_PER_UM, exp($more) * $likely);
            $k[] = Absorption::over($this->white->values[$band], $this->dryUm, $scatters, $this->overWhite->values[$band]);
        }

        return Optics::of(Spectrum::of($k), Spectrum::of($s));
    }
}
