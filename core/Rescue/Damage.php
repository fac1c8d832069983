<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Rescue;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Laid;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Coat\Place;
use Hawkbrush\Core\Coat\Thinned;
use Hawkbrush\Core\Coat\Weight;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** A mishap as what lies there: a coat of its own on the place, beside or instead of what was planned. */
final readonly class Damage
{
    /** Where paint lifted the bare body shows, whatever lay there: drawn as an opaque film of its colour, so thick. */
    private const BARE_COATS = 4;

    /** The softness of its edge: a mishap is seldom sharp. A guess. */
    private const SOFT = 0.2;

    /** A cover reaches so much farther on each side than what it covers, as a share of its width. */
    private const FARTHER = 0.15;

    /** @param Place $place that a cover needs */
    private function __construct(public Mishap $mishap, public Place $place, public Coat $coat) {}

    /**
     * @param Coat $planned that it happened to
     * @param float|null $laid times the planned film; null: as is usual for it
     * @param Paint|null $wrong that went on instead of the planned one
     *
     * @throws Refused
     */
    public static function of(Mishap $mishap, Coat $planned, Place $place, ?float $laid, ?Paint $wrong, Body $body): self
    {
        $laid ??= $mishap->laid();
        if ($mishap->isMore() && $laid <= 1) {
            throw Refused::at('/laid', 'Too much is more than once the planned film: say how many times, above 1.');
        }
        if ($mishap === Mishap::WrongPaint && $wrong === null) {
            throw Refused::at('/paint', 'Say which paint went on: its id in the rack.');
        }
        $mixture = match ($mishap) {
            Mishap::Lifted => Mixture::only(self::bare($body)),
            Mishap::WrongPaint => Mixture::only($wrong),
            default => $planned->mixture,
        };

        return new self($mishap, self::farther($place), $mishap === Mishap::Lifted
            ? Patch::of('mishap', new Thinned($mixture, 0.0), $place, new Laid(self::BARE_COATS, Weight::Heavy, $planned->psi, 1))
            : self::film($planned, $mixture, $place, $mishap->isMore() ? $laid - 1 : $laid));
    }

    /** A round place on the body, from a point and how far it reaches, in mm. */
    public static function round(Body $body, float $u, float $deg, float $radiusMm): Place
    {
        $side = $deg > 180 ? 'right' : 'left';
        $deg = $deg > 180 ? 360 - $deg : $deg;
        [$long, $high] = [$radiusMm / $body->lengthMm, $radiusMm / $body->mmPerDegAt($u, $deg)];

        return Place::range(
            max(0.0, $u - $long), min(1.0, $u + $long), max(0.0, $deg - $high), min(180.0, $deg + $high), self::SOFT, $side,
        );
    }

    /** So many times the film of a coat: whole coats, thinned until they come to it; at least a twentieth of one. */
    private static function film(Coat $planned, Mixture $mixture, Place $place, float $times): Coat
    {
        $film = $times * $planned->coats * (1 - $planned->thinning);
        $coats = (int) max(1, ceil($film));
        $laid = new Laid($coats, $planned->weight, $planned->psi, $planned->strokes);

        return Patch::of('mishap', new Thinned($mixture, min(0.95, 1 - $film / $coats)), $place, $laid);
    }

    private static function farther(Place $place): Place
    {
        if ($place->zone !== null) {
            return $place;
        }
        $long = self::FARTHER * ($place->toU - $place->fromU);
        $high = self::FARTHER * ($place->toDeg - $place->fromDeg);

        return Place::range(
            max(0.0, $place->fromU - $long), min(1.0, $place->toU + $long),
            max(0.0, $place->fromDeg - $high), min(180.0, $place->toDeg + $high), $place->soft, $place->side,
        );
    }

    private static function bare(Body $body): Paint
    {
        return Paint::read('bare', Node::root(['kind' => Kind::Opaque->value, 'hex' => Colour::fromReflectance($body->ground)->hex()]));
    }
}
