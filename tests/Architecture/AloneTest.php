<?php

declare(strict_types=1);

// Files of tests are dealt out to processes by chance: what two of them use stands in a class beside them.

it('calls no function that another file of tests declares', function (): void {
    $files = $declared = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__))) as $file) {
        assert($file instanceof SplFileInfo);
        if (str_ends_with($file->getFilename(), 'Test.php')) {
            $text = (string) file_get_contents($file->getPathname());
            $files[$file->getPathname()] = $text;
            preg_match_all('/^function (\w+)\(/m', $text, $found);
            foreach ($found[1] as $function) {
                $declared[$function][] = $file->getPathname();
            }
        }
    }
    $borrowed = [];
    foreach ($files as $path => $text) {
        preg_match_all('/(?<![>\w:$\\\\])(\w+)\(/', $text, $calls);
        foreach (array_intersect(array_unique($calls[1]), array_keys($declared)) as $function) {
            if (! in_array($path, $declared[$function], true)) {
                $borrowed[] = basename($path).' calls '.$function.' of '.basename($declared[$function][0]);
            }
        }
    }
    expect($borrowed)->toBe([]);
});
