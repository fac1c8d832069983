<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\Backup;
use App\Keeping\BackupKind;
use App\Keeping\DataFolder;
use App\Keeping\KeepingTrouble;
use Illuminate\Console\Command;

final class MakeBackup extends Command
{
    protected $signature = 'hawkbrush:backup {file? : where to; else among the backups of the data folder}';

    protected $description = 'Back up database and photographs into one file';

    public function handle(Backup $backup): int
    {
        $file = $this->argument('file');
        try {
            if (\is_string($file)) {
                $backup->write(DataFolder::current(), $file);
            } else {
                $file = $backup->make(DataFolder::current(), BackupKind::ByHand);
            }
        } catch (KeepingTrouble $e) {
            fwrite(STDERR, $e->getMessage()."\n");

            return self::FAILURE;
        }
        $this->line("Backed up to {$file}");

        return self::SUCCESS;
    }
}
