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
        return $this->saying(function () use ($bring): void {
            $bring->folder(DataFolder::current());
            // Those of before this was looked after.
            array_map(static fn(string $log): bool => @chmod($log, 0600), glob(storage_path('logs/*.log')) ?: []);
            $cache = config()->string('cache.stores.file.path');
            if (! is_writable($cache)) {
                fwrite(
                    STDERR,
                    "Pictures cannot be kept in {$cache}: each is computed again, which takes longer. Give this user the right to write there.\n",
                );
            }
        });
    }
}
