<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Pattern;
use App\Stores\Bodies\Body;
use App\Stores\Rack\Paint;
use Database\Seeders\GrownShop;
use Illuminate\Console\Command;

final class GrowShop extends Command
{
    protected $signature = 'hawkbrush:grow {--paints=400} {--patterns=2000} {--runs=2500}';

    protected $description = 'Lay out the demo with ten years of work, to measure with; only where nothing is kept yet';

    public function handle(GrownShop $shop): int
    {
        if (Pattern::query()->exists() || Paint::query()->exists() || Body::query()->exists()) {
            $this->error('Something is kept here already. Set HAWKBRUSH_DATA to an empty folder; data to measure with does not go beside your own.');

            return self::FAILURE;
        }
        set_time_limit(0);
        $this->callSilently('hawkbrush:demo');
        [$paints, $patterns, $runs] = array_map(fn(string $what): int => (int) $this->option($what), ['paints', 'patterns', 'runs']);
        $bar = $this->output->createProgressBar($paints + $patterns + $runs);
        $shop->grow($paints, $patterns, $runs, $bar->advance(...));
        $bar->finish();
        $this->newLine();

        return self::SUCCESS;
    }
}
