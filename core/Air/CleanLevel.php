<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

/** How thoroughly an airbrush is cleaned between two colours. Common practice, no published source; each shop may change it. */
enum CleanLevel: string
{
    case Blow = 'blow';
    case Rinse = 'rinse';
    case Flush = 'flush';
    case Strip = 'strip';

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(self $level): string => $level->value, self::cases());
    }

    public function says(): string
    {
        return match ($this) {
            self::Blow => 'Blow it empty and wipe the cup.',
            self::Rinse => 'Rinse the cup with water and blow it out.',
            self::Flush => 'Spray cleaner through until it comes clear, and brush the tip.',
            self::Strip => 'Take needle and nozzle out and clean all of it.',
        };
    }

    public function atLeast(self $other): self
    {
        $rank = static fn(self $level): int => (int) array_search($level, self::cases(), true);

        return $rank($this) >= $rank($other) ? $this : $other;
    }
}
