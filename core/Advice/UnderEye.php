<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Coat\Weight;

/** What is dabbed on the head before the eye goes in, so that it is seen. Common practice, no published source. */
final class UnderEye
{
    private const RIM = 'The rim does not show light when the eye is in.';

    public static function white(Paint $white, string $eyeStep): Fix
    {
        return self::dab('White under it first', $white, $eyeStep, 'White under the eye', 'Dabbed with the tip of a cotton bud; dry before the eye.');
    }

    public static function blackSocket(Paint $black, string $eyeStep): Fix
    {
        return self::dab('Black in the socket first', $black, $eyeStep, 'Black socket', self::RIM);
    }

    public static function blackRound(Paint $black, string $eyeStep): Fix
    {
        return self::dab('Black round it first', $black, $eyeStep, 'Black round the eye', self::RIM);
    }

    private static function dab(string $does, Paint $paint, string $eyeStep, string $title, string $check): Fix
    {
        return Fix::before($does, $eyeStep, [
            'type' => 'paint',
            'title' => $title,
            'mix' => [['paint' => $paint->id, 'drops' => 1]],
            'technique' => ['name' => 'brush', 'wide_mm' => 2],
            'where' => ['zone' => Zone::EyeSurround->value],
            'weight' => Weight::Light->value,
            'check' => $check,
        ]);
    }
}
