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
        $rows = self::query()->groupBy('fault', 'cause', 'helped')->selectRaw('fault, cause, helped, count(*) as times')->toBase()->get();
        foreach ($rows as $one) {
            /** @var object{fault: string, cause: string, helped: int, times: int} $one */
            $counts[$one->fault][$one->cause] ??= ['helped' => 0, 'failed' => 0];
            $counts[$one->fault][$one->cause][$one->helped === 1 ? 'helped' : 'failed'] = $one->times;
        }

        return $counts;
    }
}
