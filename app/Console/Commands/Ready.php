<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\BringUpToDate;
use App\Keeping\DataFolder;
use App\Keeping\KeepingTrouble;
use Illuminate\Console\Command;

final class Ready extends Command
{
    protected $signature = 'hawkbrush:ready';

    protected $description = 'Look at the data folder and bring its database up to date; or say why it cannot be worked with';

    public function handle(BringUpToDate $bring): int
    {
        try {
            $bring->folder(DataFolder::current());
        } catch (KeepingTrouble $e) {
            fwrite(STDERR, $e->getMessage()."\n");

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
