<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

/** How heavily one coat is laid. */
enum Weight: string
{
    case Mist = 'mist';
    case Light = 'light';
    case Medium = 'medium';
    case Heavy = 'heavy';

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(self $w): string => $w->value, self::cases());
    }

    /** Wet film of one coat where the brush is aimed. Common practice, no published source. */
    public function wetUm(): float
    {
        return match ($this) {
            self::Mist => 4.0,
            self::Light => 9.0,
            self::Medium => 16.0,
            self::Heavy => 28.0,
        };
    }
}
