<?php

declare(strict_types=1);

namespace Hawkbrush\Core;

/** Small things of English that several sentences need. */
final class Words
{
    /** With the article that goes before it: an opaque paint, an 8 mm eye, a pearl. */
    public static function a(string $noun): string
    {
        return (preg_match('/^(?:[aeio]|un(?!i)|8|11(?!\d)|18(?!\d))/i', $noun) === 1 ? 'an ' : 'a ').$noun;
    }
}
