<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Srgb;
use Hawkbrush\Core\Refused;

/**
 * Colours of a card from a photograph of it, with the card's own white and black as reference: in each of linear red,
 * green and blue the light is shifted and stretched so that white and black come out as they are. That takes out the
 * brightness and the tint of the lamp and the veil of the lens. Our own simplification: a camera does not see as the
 * observer does, so expect an error of some DeltaE00; a colorimeter is better.
 */
final readonly class CardPhoto
{
    /** Linear light by which white must be above black for the rest to mean anything. */
    private const APART = 0.1;

    /** From here on the camera was at its end, and what it shows is no longer what was there. */
    private const CLIPPED = 0.995;

    /**
     * All in linear red, green and blue.
     *
     * @param list<float> $black as the photograph shows it
     * @param list<float> $stretch
     * @param list<float> $trueBlack
     */
    private function __construct(private array $black, private array $stretch, private array $trueBlack) {}

    /**
     * @param Colour $white as the photograph shows the card's white
     * @param Colour $trueWhite as the card's white is
     *
     * @throws Refused when the photograph cannot serve
     */
    public static function calibrate(Colour $white, Colour $black, Colour $trueWhite, Colour $trueBlack): self
    {
        $shownWhite = self::linear($white);
        $shownBlack = self::linear($black);
        $isWhite = self::linear($trueWhite);
        $isBlack = self::linear($trueBlack);
        $stretch = [];
        foreach ($shownWhite as $i => $shown) {
            if ($shown > self::CLIPPED) {
                throw Refused::at('/spots/white', 'The white of the card is burnt out in this photograph. Take it again a little darker.');
            }
            if ($shown - $shownBlack[$i] < self::APART) {
                throw Refused::at(
                    '/spots/black',
                    'White and black of the card are hardly apart in this photograph. Are the spots mixed up, or is it too dark?',
                );
            }
            $stretch[] = ($isWhite[$i] - $isBlack[$i]) / ($shown - $shownBlack[$i]);
        }

        return new self($shownBlack, $stretch, $isBlack);
    }

    /** A colour of the photograph as it is on the card. */
    public function put(Colour $shown): Colour
    {
        $linear = [];
        foreach (self::linear($shown) as $i => $light) {
            $linear[] = Srgb::encode(max(0.0, min(1.0, $this->trueBlack[$i] + ($light - $this->black[$i]) * $this->stretch[$i])));
        }

        return Colour::fromHex((new Srgb($linear[0], $linear[1], $linear[2]))->hex());
    }

    /** @return array{float, float, float} */
    private static function linear(Colour $colour): array
    {
        return Srgb::linear($colour->lab->toXyz());
    }
}
