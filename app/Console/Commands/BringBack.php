<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\DataFolder;
use App\Keeping\KeepingTrouble;
use App\Keeping\Restore;
use Illuminate\Console\Command;

final class BringBack extends Command
{
    protected $signature = 'hawkbrush:restore {file : a backup}';

    protected $description = 'Bring a backup back; what is there before is kept beside it';

    public function handle(Restore $restore): int
    {
        $file = $this->argument('file');
        $data = DataFolder::current();
        try {
            $kept = $restore->from($file, $data);
        } catch (KeepingTrouble $e) {
            fwrite(STDERR, $e->getMessage()."\n");

            return self::FAILURE;
        }
        $this->line("Brought back into {$data->path}.".($kept === null ? '' : " What was there before is kept in {$kept}."));

        return self::SUCCESS;
    }
}
