<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\DataFolder;
use App\Keeping\Tidy;
use Illuminate\Console\Command;

final class TidyUp extends Command
{
    use SaysTrouble;

    protected $signature = 'hawkbrush:tidy';

    protected $description = 'Drop what is kept for a while only, and make the daily backup';

    public function handle(Tidy $tidy): int
    {
        return $this->saying(static fn() => $tidy->all(DataFolder::current()));
    }
}
