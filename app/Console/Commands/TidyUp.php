<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\DataFolder;
use App\Keeping\KeepingTrouble;
use App\Keeping\Tidy;
use Illuminate\Console\Command;

final class TidyUp extends Command
{
    protected $signature = 'hawkbrush:tidy';

    protected $description = 'Drop what is kept for a while only, and make the daily backup';

    public function handle(Tidy $tidy): int
    {
        try {
            $tidy->all(DataFolder::current());
        } catch (KeepingTrouble $e) {
            fwrite(STDERR, $e->getMessage()."\n");

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
