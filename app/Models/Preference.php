<?php

declare(strict_types=1);

namespace App\Models;

use Hawkbrush\Core\Air\CleanFigures;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Shop\ShopHabits;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/**
 * The shop's settings: units and the room in one row, habits and cleaning in another, samples in a third.
 *
 * @property int $id
 * @property array<string, mixed> $values
 */
final class Preference extends Model
{
    public const DEFAULTS = [
        'length' => 'mm', 'pressure' => 'psi', 'volume' => 'drops', 'temperature' => 'C',
        'air_c' => 21.0, 'humidity_percent' => 50.0, 'daily_backup' => 'on', 'currency' => '',
    ];

    /** The row of habits and of cleaning. */
    private const WAYS = 2;

    /** The row of what was put in as samples. */
    private const SAMPLES = 3;

    public $incrementing = false;

    protected $table = 'settings';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['values' => 'array'];
    }

    /**
     * Sets some of them; of two at the same time, each keeps what it set.
     *
     * @param array<string, string|float|int> $change
     *
     * @return array<string, string|float|int> all of them now
     */
    public static function change(array $change): array
    {
        return DB::transaction(static function () use ($change): array {
            $values = [...self::current(), ...$change];
            self::query()->updateOrCreate(['id' => 1], ['values' => $values]);

            return $values;
        });
    }

    /**
     * Room, habits and cleaning at once.
     *
     * @return array{Climate, Habits, CleanFigures}
     */
    public static function shop(): array
    {
        $kept = self::query()->findMany([1, self::WAYS])->keyBy('id');
        /** @var array<string, string|float|int> $values */
        $values = [...self::DEFAULTS, ...$kept->get(1)->values ?? []];
        $ways = ShopHabits::read($kept->get(self::WAYS)->values ?? []);

        return [
            Climate::of((float) $values['air_c'], (float) $values['humidity_percent']),
            $ways->habits(),
            $ways->clean,
        ];
    }

    /** The air of the room as it stands at the top of every page. */
    public static function room(): Climate
    {
        return self::shop()[0];
    }

    /** The habits of who paints now. */
    public static function habits(): Habits
    {
        return self::shop()[1];
    }

    public static function ways(): ShopHabits
    {
        return ShopHabits::read(self::query()->find(self::WAYS)->values ?? []);
    }

    /**
     * Changes habits and cleaning; of two at the same time, each keeps what it set.
     *
     * @param callable(ShopHabits): ShopHabits $change
     */
    public static function changeWays(callable $change): void
    {
        DB::transaction(static function () use ($change): void {
            self::query()->updateOrCreate(['id' => self::WAYS], ['values' => $change(self::ways())->document()]);
        });
    }

    /** @return array<string, list<string>> ids of what was put in as samples and not decided about yet: patterns, paints, bodies */
    public static function samples(): array
    {
        /** @var array<string, list<string>> */
        return self::query()->find(self::SAMPLES)->values ?? [];
    }

    /** @param array<string, list<string>> $samples */
    public static function keepSamples(array $samples): void
    {
        self::query()->updateOrCreate(['id' => self::SAMPLES], ['values' => $samples]);
    }

    /** @return array<string, string|float|int> */
    public static function current(): array
    {
        /** @var array<string, string|float|int> $kept */
        $kept = self::query()->find(1)->values ?? [];

        return [...self::DEFAULTS, ...$kept];
    }
}
