<?php

declare(strict_types=1);

namespace App\Keeping;

/** Changes by itself with the code that works out what is kept, so that nothing is shown that an older one worked out. */
final class CodeVersion
{
    private static ?string $known = null;

    public static function ofCore(): string
    {
        return self::$known ??= Shared::briefly('code of '.base_path(), self::stamp(...));
    }

    private static function stamp(): string
    {
        $stamp = hash_init('xxh128');
        foreach (glob(base_path('{core/{*,*/*,*/*/*},app/{Present/*,Stores/*/*}}.php'), GLOB_BRACE) ?: [] as $file) {
            hash_update($stamp, $file.' '.filemtime($file).' '.filesize($file)."\n");
        }

        return hash_final($stamp);
    }
}
