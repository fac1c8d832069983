<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\BringUpToDate;
use App\Keeping\DataFolder;
use Illuminate\Console\Command;

final class Ready extends Command
{
    use SaysTrouble;

    protected $signature = 'hawkbrush:ready';

    protected $description = 'Look at the data folder and bring its database up to date; or say why it cannot be worked with';

    public function handle(BringUpToDate $bring): int
    {
        return $this->saying(static fn() => $bring->folder(DataFolder::current()));
    }
}
