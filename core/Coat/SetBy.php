<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

/** How a coat is set before the next one. */
enum SetBy: string
{
    case Heat = 'heat';
    case Air = 'air';
    case Wet = 'wet';

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(self $s): string => $s->value, self::cases());
    }
}
