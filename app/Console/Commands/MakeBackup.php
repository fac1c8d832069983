<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\Backup;
use App\Keeping\BackupKind;
use App\Keeping\DataFolder;
use Illuminate\Console\Command;

final class MakeBackup extends Command
{
    use SaysTrouble;

    protected $signature = 'hawkbrush:backup {file? : where to; else among the backups of the data folder}';

    protected $description = 'Back up database and photographs into one file';

    public function handle(Backup $backup): int
    {
        return $this->saying(function () use ($backup): void {
            $file = $this->argument('file');
            if ($file === null) {
                $file = $backup->make(DataFolder::current(), BackupKind::ByHand);
            } else {
                $backup->write(DataFolder::current(), $file);
            }
            $this->line("Backed up to {$file}");
        });
    }
}
