<?php

declare(strict_types=1);

namespace App\Stores;

/** The one list of stores. */
final class Stores
{
    /** @var non-empty-list<class-string<Store>> */
    public const ALL = [
        Rack\Rack::class,
        Bodies\Bodies::class,
        Masks\Masks::class,
        Eyes\Eyes::class,
        Clears\Clears::class,
        Rig\Rig::class,
        Habits\HabitsOfShop::class,
    ];
}
