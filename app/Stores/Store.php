<?php

declare(strict_types=1);

namespace App\Stores;

/**
 * Something the shop owns or goes by. A store is a folder here with what is kept of it, how it is kept, shown and asked for, and a
 * line in {@see Stores}; its part of the contract stands in contract/openapi under its name, its page in resources/js/stores.
 */
interface Store
{
    /** Registers what the pages ask of it, below /api/v1. */
    public static function routes(): void;

    /** @return non-empty-array<string, string> what of it stands in the readable tables of a backup: a query by the name of its table */
    public static function tables(): array;
}
