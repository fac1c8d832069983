<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step\Prepare;

/** What a body is made of and how its surface comes. */
enum Condition: string
{
    case Clear = 'clear plastic';
    case Scuffed = 'scuffed plastic';
    case Mirror = 'mirror plastic';
    case RawWood = 'raw wood';
    case SealedWood = 'sealed wood';
    case Resin = 'resin';
    case Soft = 'soft plastic';
    case Repaint = 'repaint';

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(self $c): string => $c->value, self::cases());
    }
}
