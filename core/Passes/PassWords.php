<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Passes;

use Hawkbrush\Core\Colour\Lab;

/** What a coat did, in a word or two, from the zone that it changed most. */
final class PassWords
{
    /** A colour with less chroma has no hue worth naming. */
    private const COLOURED = 12.0;

    /** L* or chroma by which it changes to be worth a word, and degrees of hue. */
    private const CHANGES = 1.0;

    private const TURNS_DEG = 15.0;

    /** L* under which an orange is called brown. */
    private const DARK = 50.0;

    /** Hues of CIELAB at D65 as they are called, by the angle up to which they go. Our own bounds. */
    private const HUES = [
        15 => 'pink', 45 => 'red', 72 => 'orange', 105 => 'yellow', 195 => 'green', 240 => 'blue-green', 305 => 'blue', 345 => 'violet',
    ];

    public static function of(Pass $pass, ?Pass $before): string
    {
        if ($before === null) {
            return 'as it lies below';
        }
        if ($pass->most() < Passes::SEEN) {
            return 'not seen';
        }
        $zones = $pass->fromBefore;
        arsort($zones);
        $zone = array_key_first($zones);

        return $zone === null ? 'shows more' : self::change($before->zones[$zone]->lab, $pass->zones[$zone]->lab);
    }

    private static function change(Lab $was, Lab $is): string
    {
        $turned = abs(fmod($is->hue() - $was->hue() + 540, 360) - 180) > self::TURNS_DEG;
        $coloured = $is->chroma() >= self::COLOURED;

        return match (true) {
            $coloured && ($was->chroma() < self::COLOURED || $turned) => 'turns '.self::hue($is),
            $coloured && $is->chroma() > $was->chroma() + self::CHANGES => 'deepens the '.self::hue($is),
            $is->l < $was->l - self::CHANGES => 'darker',
            $is->l > $was->l + self::CHANGES => 'lighter',
            $is->chroma() < $was->chroma() - self::CHANGES => 'greyer',
            default => 'a little different',
        };
    }

    private static function hue(Lab $lab): string
    {
        foreach (self::HUES as $to => $name) {
            if ($lab->hue() < $to) {
                return $lab->l < self::DARK && ($name === 'orange' || $name === 'yellow') ? 'brown' : $name;
            }
        }

        return 'pink';
    }
}
