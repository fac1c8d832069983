<?php

declare(strict_types=1);

namespace App\Stores\Habits;

use App\Stores\Store;
use Illuminate\Support\Facades\Route;

/** The school this shop follows where painters differ, and what cleaning takes here. */
final class HabitsOfShop implements Store
{
    public static function routes(): void
    {
        Route::get('habits', [HabitController::class, 'show']);
        Route::put('habits', [HabitController::class, 'update']);
    }

    public static function tables(): array
    {
        return [
            'habits' => "SELECT p.key AS painter, h.key AS habit, h.value AS school FROM settings s, json_each(s.\"values\", '$.painters') p, json_each(p.value) h
                WHERE s.id = 2 ORDER BY p.key, h.key",
        ];
    }
}
