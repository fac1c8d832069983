<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What was tried against a fault at the bench, and whether it helped.
 *
 * @property string $run_id
 * @property string $fault
 * @property string $cause
 * @property bool $helped
 */
final class Remedy extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['helped' => 'boolean'];
    }

    /** @return array<string, array<string, array{helped: int, failed: int}>> how often each cause helped, by fault and cause */
    public static function counts(): array
    {
        $counts = [];
        foreach (self::query()->get() as $one) {
            $so = $counts[$one->fault][$one->cause] ?? ['helped' => 0, 'failed' => 0];
            $so[$one->helped ? 'helped' : 'failed']++;
            $counts[$one->fault][$one->cause] = $so;
        }

        return $counts;
    }
}
