<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

use Hawkbrush\Core\Technique\Tool;

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

    /** Wet film of one coat where the brush is aimed, by what carries the paint. Common practice, no published source. */
    public function wetUm(Tool $tool = Tool::Airbrush): float
    {
        [$mist, $light, $medium, $heavy] = match ($tool) {
            Tool::Airbrush => [4.0, 9.0, 16.0, 28.0],
            // Where it touches.
            Tool::Brush => [30.0, 40.0, 55.0, 80.0],
            Tool::Sponge => [20.0, 28.0, 38.0, 50.0],
            Tool::Pen => [5.0, 6.0, 8.0, 10.0],
            Tool::Dip => [20.0, 30.0, 45.0, 70.0],
            Tool::Melt => [150.0, 250.0, 400.0, 600.0],
            Tool::Sheet => [60.0, 60.0, 60.0, 60.0],
        };

        return match ($this) {
            self::Mist => $mist,
            self::Light => $light,
            self::Medium => $medium,
            self::Heavy => $heavy,
        };
    }
}
