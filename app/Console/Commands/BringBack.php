<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\DataFolder;
use App\Keeping\Restore;
use Illuminate\Console\Command;

final class BringBack extends Command
{
    use SaysTrouble;

    protected $signature = 'hawkbrush:restore {file : a backup} {--without-photographs : go on where photographs are missing beside it}';

    protected $description = 'Bring a backup back; what is there before is kept beside it';

    public function handle(Restore $restore): int
    {
        return $this->saying(function () use ($restore): void {
            $data = DataFolder::current();
            $kept = $restore->from($this->argument('file'), $data, $this->option('without-photographs'));
            $this->line("Brought back into {$data->path}.".($kept === null ? '' : " What was there before is kept in {$kept}."));
        });
    }
}
