<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Eye;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Film\Kind;

/**
 * A painted eye to begin with, out of what is on the rack: a disc of the whitest paint, the colour nearest to the iris, a pupil
 * of the darkest by pen. Through a punched card where there is a socket to place it by, else dabbed with a cotton bud. Common
 * practice, no published source.
 */
final class UsualRings
{
    /** Widths of disc, colour and pupil, as shares of the eye's. */
    private const SHARES = [1.0, 0.78, 0.4];

    /**
     * @param list<Paint> $rack
     *
     * @return list<Ring> in the order in which they are painted; none where nothing on the rack covers
     */
    public static function of(Body $body, Eye $eye, array $rack): array
    {
        $cover = array_values(array_filter(
            $rack,
            static fn(Paint $paint): bool => \in_array($paint->kind, [Kind::Opaque, Kind::SemiOpaque], true) && $paint->solids > 0,
        ));
        if ($cover === []) {
            return [];
        }
        $by = $body->marks->eyeSocketMm === null ? 'cotton bud' : 'punch';
        $iris = Colour::fromHex($eye->irisHex)->lab;

        return [
            new Ring(self::nearest($cover, new Lab(100, 0, 0)), self::SHARES[0], $by),
            new Ring(self::nearest($cover, $iris), self::SHARES[1], $by),
            new Ring(self::nearest($cover, new Lab(0, 0, 0)), self::SHARES[2], 'pen'),
        ];
    }

    /** @param non-empty-list<Paint> $paints */
    private static function nearest(array $paints, Lab $to): Paint
    {
        $far = static fn(Paint $paint): float => DeltaE2000::between(Colour::fromHex($paint->hex)->lab, $to);
        usort($paints, static fn(Paint $a, Paint $b): int => $far($a) <=> $far($b));

        return $paints[0];
    }
}
