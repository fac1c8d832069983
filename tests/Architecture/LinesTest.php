<?php

declare(strict_types=1);

// Code that can be read without scrolling. A text stays whole, so that it can be found; migrations are never edited, and
// queries read better by their clauses.

it('ends a line of code at 140 characters', function (): void {
    $root = dirname(__DIR__, 2);
    $long = [];
    foreach (['core', 'app', 'routes', 'config', 'database', 'tests', 'bootstrap'] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$folder}")) as $file) {
            assert($file instanceof SplFileInfo);
            if ($file->getExtension() !== 'php' || preg_match('#/cache/|/migrations/|ReadableTables#', $file->getPathname()) === 1) {
                continue;
            }
            foreach (file($file->getPathname(), FILE_IGNORE_NEW_LINES) ?: [] as $number => $line) {
                $code = preg_replace('/\'[^\']{24,}\'|"[^"]{24,}"/', '', $line);
                $comment = preg_match('/^\s*(\*|\/\*|\/\/)/', $line) === 1;
                if (mb_strlen($line) > 140 && ! $comment && mb_strlen((string) $code) > 100) {
                    $long[] = substr($file->getPathname(), strlen($root) + 1).':'.($number + 1);
                }
            }
        }
    }
    expect($long)->toBe([]);
});

it('waits in no browser test for a fixed time', function (): void {
    $fixed = [];
    foreach (glob(dirname(__DIR__).'/Browser/{*.spec,hands,ownServer}.ts', GLOB_BRACE) ?: [] as $file) {
        if (str_contains((string) file_get_contents($file), 'waitForTimeout')) {
            $fixed[] = basename($file);
        }
    }
    expect($fixed)->toBe([]);
});
