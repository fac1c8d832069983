<?php

declare(strict_types=1);

namespace App\Database;

/** Since when the write lock is held, and by what. */
final readonly class HeldLock
{
    private function __construct(private float $since, private float $worked) {}

    public static function now(): self
    {
        return new self(hrtime(true) / 1e6, self::processorMs());
    }

    public function ms(): float
    {
        return hrtime(true) / 1e6 - $this->since;
    }

    /** Of that, the time of the processor: the rest was waited for the disk, or taken by other programs. */
    public function workingMs(): float
    {
        return self::processorMs() - $this->worked;
    }

    public function by(): string
    {
        return \PHP_SAPI === 'cli' ? implode(' ', array_filter((array) ($_SERVER['argv'] ?? []), is_string(...))) : request()->method().' '.request()->path();
    }

    private static function processorMs(): float
    {
        $ms = static function (string $of): float {
            $used = getrusage() ?: [];
            [$s, $us] = [$used["ru_{$of}.tv_sec"] ?? 0, $used["ru_{$of}.tv_usec"] ?? 0];

            return \is_int($s) && \is_int($us) ? 1e3 * $s + $us / 1e3 : 0.0;
        };

        return $ms('utime') + $ms('stime');
    }
}
