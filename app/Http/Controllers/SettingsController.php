<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Input;
use App\Models\Setting;
use Hawkbrush\Core\Drying\Room;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class SettingsController
{
    private const UNITS = ['length' => ['mm', 'in'], 'pressure' => ['psi', 'bar', 'kPa'], 'volume' => ['drops', 'ml'], 'temperature' => ['C', 'F']];

    public function show(): JsonResponse
    {
        return $this->answer(Setting::current());
    }

    public function update(Request $request): JsonResponse
    {
        $form = Input::of($request)->only(array_keys(Setting::DEFAULTS));
        $values = Setting::current();
        foreach (self::UNITS as $name => $units) {
            $values[$name] = $form->optional($name)?->choice($units) ?? $values[$name];
        }
        $values['air_c'] = $form->optional('air_c')?->number(-20, 60) ?? $values['air_c'];
        $values['humidity_percent'] = $form->optional('humidity_percent')?->number(1, 100) ?? $values['humidity_percent'];
        Setting::query()->updateOrCreate(['id' => 1], ['values' => $values]);

        return $this->answer($values);
    }

    /** @param array<string, string|float|int> $values */
    private function answer(array $values): JsonResponse
    {
        $room = Room::of((float) $values['air_c'], (float) $values['humidity_percent']);

        return new JsonResponse([...$values, 'dew_point_c' => round($room->dewPointC(), 1), 'clear_coat_ok' => $room->clearCoatMayGoOn()]);
    }
}
