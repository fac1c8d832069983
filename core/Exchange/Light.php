<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Colour\Adaptation;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Xyz;

/** The light that L*a*b* and X, Y, Z of a file are for. */
enum Light: string
{
    case D50 = 'D50';
    case D65 = 'D65';

    /** As the text says; null where it does not: then D50 is meant, by the custom of such files (ISO 13655). */
    public static function stated(string $text): ?self
    {
        return preg_match('/ILLUMINANT[^"\n]*[,\s"]D(50|65)\b/i', $text, $found) === 1 ? self::from('D'.$found[1]) : null;
    }

    public function lab(Lab $lab): Lab
    {
        return $this === self::D50 ? Adaptation::labFromD50($lab) : $lab;
    }

    public function xyz(Xyz $xyz): Xyz
    {
        return $this === self::D50 ? Adaptation::fromD50($xyz) : $xyz;
    }
}
