<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Mix;

/** Two or three paints by their place in the rack, less than 1024 each, as one number; the third of two is the first again. */
final class SetOfPaints
{
    public static function of(int $one, int $two, int $three): int
    {
        return $one << 20 | $two << 10 | $three;
    }

    /** @return array{int, int, int} */
    public static function paints(int $set): array
    {
        return [$set >> 20, $set >> 10 & 1023, $set & 1023];
    }
}
