<?php

declare(strict_types=1);

namespace Tests\Live;

// How Hawkbrush is installed and served: bin/lib.sh, bin/serving.sh, config/serving.

/** @return list<string> the command lines of all processes of this machine */
function commandLines(): array
{
    return array_map(
        static fn(string $path): string => strtr((string) @file_get_contents($path), ["\0" => ' ']),
        glob('/proc/[0-9]*/cmdline') ?: [],
    );
}

it('leaves no service of the packages that it installs running on the machine', function (): void {
    $theirs = array_filter(commandLines(), static fn(string $line): bool => preg_match('/^(nginx|php-fpm): master/', $line) === 1
        && ! str_contains($line, '/hawkbrush-'));
    expect($theirs)->toBe([]);
});

it('installs under a policy that starts no service, and puts the policy of before back', function (): void {
    $before = @file_get_contents('/usr/sbin/policy-rc.d');
    exec('bash -c '.escapeshellarg('. bin/lib.sh; hb_without_services sh -c "/usr/sbin/policy-rc.d nginx start; echo \$?; false"; echo $?'), $said);
    expect($said)->toBe(['101', '1'])->and(@file_get_contents('/usr/sbin/policy-rc.d'))->toBe($before);
})->skip(fn(): bool => posix_geteuid() !== 0, 'Only root installs.');

it('says what to type where it may not install', function (): void {
    $command = 'hb_missing_packages() { printf "nginx\nphp8.2-gd\n"; }; id() { echo 1000; }; hb_install_packages';
    exec('bash -c '.escapeshellarg(". bin/lib.sh; {$command}").' 2>&1', $said, $code);
    expect($code)->toBe(1)->and(implode("\n", $said))
        ->toContain('sudo apt-get install -y --no-install-recommends nginx php8.2-gd')->toContain('sudo systemctl disable --now nginx');
});
