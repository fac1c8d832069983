<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Input;
use App\Models\Preference;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Units\Units;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class SettingsController
{
    /** A sign or a few letters. */
    private const MOST_CURRENCY = 5;

    public function show(): JsonResponse
    {
        return $this->answer(Preference::current());
    }

    public function update(Request $request): JsonResponse
    {
        $form = Input::of($request)->only(array_keys(Preference::DEFAULTS));
        $change = [];
        foreach (array_keys(Units::all()) as $name) {
            $change[$name] = $form->optional($name)?->choice(Units::names($name));
        }
        $change['air_c'] = $form->optional('air_c')?->number(...Climate::ROOM_C);
        $change['humidity_percent'] = $form->optional('humidity_percent')?->number(...Climate::HUMIDITY_PERCENT);
        $change['daily_backup'] = $form->optional('daily_backup')?->choice(['on', 'off']);

        $change['currency'] = $form->optional('currency')?->text(self::MOST_CURRENCY, true);

        return $this->answer(Preference::change(array_filter($change, static fn(mixed $value): bool => $value !== null)));
    }

    /** @param array<string, string|float|int> $values */
    private function answer(array $values): JsonResponse
    {
        $climate = Climate::of((float) $values['air_c'], (float) $values['humidity_percent']);

        return new JsonResponse([
            ...$values,
            'samples' => \count(Preference::samples()['patterns'] ?? []),
            'units' => $this->units($values),
            'dew_point_c' => round($climate->dewPointC(), 1),
            'clear_coat_ok' => $climate->clearCoatMayGoOn(),
        ]);
    }

    /**
     * How the chosen units are made from what is stored.
     *
     * @param array<string, string|float|int> $values
     *
     * @return array<string, array{name: string, factor: float, offset: float, digits: int}>
     */
    private function units(array $values): array
    {
        $chosen = [];
        foreach (Units::all() as $measured => $units) {
            $unit = Units::named($measured, (string) $values[$measured]) ?? $units[0];
            $chosen[$measured] = ['name' => $unit->name, 'factor' => $unit->factor, 'offset' => $unit->offset, 'digits' => $unit->digits];
        }

        return $chosen;
    }
}
