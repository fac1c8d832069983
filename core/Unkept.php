<?php

declare(strict_types=1);

namespace Hawkbrush\Core;

/** Keeps nothing. */
final class Unkept implements Kept
{
    public function get(string $key): ?array
    {
        return null;
    }

    public function put(string $key, array $value): void {}
}
