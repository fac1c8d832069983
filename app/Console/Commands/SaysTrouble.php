<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\KeepingTrouble;

/** Ends a command with the words of what went wrong, and nothing else. */
trait SaysTrouble
{
    /** @param callable(): void $work */
    private function saying(callable $work): int
    {
        try {
            $work();
        } catch (KeepingTrouble $e) {
            fwrite(STDERR, $e->getMessage()."\n");

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
