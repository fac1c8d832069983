<?php

declare(strict_types=1);

namespace App\Keeping;

use Hawkbrush\Core\Kept;

/**
 * Memory that the workers of a server share, for what the core has worked out: it goes with the server, and when it is full
 * what was not asked for lately goes first. Where there is none (a command at the terminal), nothing is kept.
 */
final class Shared implements Kept
{
    private const KEPT_S = 900;

    /** As often does PHP look whether a file of its own has changed. */
    private const LOOKED_S = 2;

    private static ?bool $there = null;

    public function get(string $key): ?array
    {
        $value = self::there() ? apcu_fetch(CodeVersion::ofCore().$key) : null;

        return \is_array($value) ? $value : null;
    }

    public function put(string $key, array $value): void
    {
        if (self::there()) {
            apcu_store(CodeVersion::ofCore().$key, $value, self::KEPT_S);
        }
    }

    /**
     * @param string $key of all that it depends on
     * @param callable(): array<string, mixed> $work
     *
     * @return array<string, mixed>
     */
    public function remember(string $key, callable $work): array
    {
        /** @var array<string, mixed>|null $value */
        $value = $this->get($key);
        if ($value === null) {
            $value = $work();
            $this->put($key, $value);
        }

        return $value;
    }

    /** @param callable(): string $work what is true for as long as no file changes */
    public static function briefly(string $key, callable $work): string
    {
        if (! self::there()) {
            return $work();
        }
        $value = apcu_fetch($key);
        if (! \is_string($value)) {
            $value = $work();
            apcu_store($key, $value, self::LOOKED_S);
        }

        return $value;
    }

    private static function there(): bool
    {
        return self::$there ??= \function_exists('apcu_enabled') && apcu_enabled();
    }
}
