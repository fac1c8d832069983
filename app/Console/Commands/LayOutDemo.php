<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Pattern;
use App\Stores\Bodies\Body;
use App\Stores\Rack\Paint;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class LayOutDemo extends Command
{
    protected $signature = 'hawkbrush:demo';

    protected $description = 'Lay out the demo where nothing is kept yet; what is there stays as it is';

    public function handle(): int
    {
        if (Pattern::query()->exists() || Paint::query()->exists() || Body::query()->exists()) {
            return self::SUCCESS;
        }
        // All of it or nothing: half a demo would be taken for a painter's own.
        DB::transaction(fn(): int => $this->callSilently('db:seed', ['--class' => DemoSeeder::class, '--force' => true]));

        return self::SUCCESS;
    }
}
