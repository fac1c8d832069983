<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

it('takes changes from its own pages only', function (array $headers): void {
    $this->json('PUT', '/api/v1/settings', ['pressure' => 'bar'], $headers)->assertForbidden();
    $this->ask('/settings')->assertJsonPath('pressure', 'psi');
})->with([
    'without the header' => [[]],
    'from another origin' => [['X-Hawkbrush' => '1', 'Origin' => 'http://elsewhere.example']],
    'across sites' => [['X-Hawkbrush' => '1', 'Sec-Fetch-Site' => 'cross-site']],
]);

it('answers under its own names only, whatever is said to have been forwarded', function (array $forwarded, array $hosts): void {
    config(['hawkbrush.hosts' => $hosts]);
    foreach (['settings', 'backups', 'patterns'] as $path) {
        $this->get("http://rebound.example/api/v1/{$path}", $forwarded)->assertForbidden();
    }
    $this->get('http://rebound.example/', $forwarded)->assertForbidden();
})->with([
    'nothing' => [[]],
    'X-Forwarded-Host' => [['X-Forwarded-Host' => 'localhost']],
    'two of it' => [['X-Forwarded-Host' => 'localhost, shop.example']],
    'Forwarded' => [['Forwarded' => 'for=127.0.0.1;host=localhost;proto=http']],
    'X-Original-Host' => [['X-Original-Host' => 'shop.example']],
    'X-Host' => [['X-Host' => '127.0.0.1']],
    'all of them' => [[
        'X-Forwarded-Host' => 'shop.example', 'Forwarded' => 'host="shop.example"', 'X-Forwarded-Server' => 'shop.example',
        'X-HTTP-Host-Override' => 'shop.example', 'X-Original-URL' => 'http://shop.example/', 'X-Rewrite-URL' => 'http://shop.example/',
    ]],
])->with(['without names of its own' => [[]], 'with one' => [['shop.example']]]);

it('refuses a foreign name that a server in front was asked by', function (array $forwarded): void {
    config(['hawkbrush.hosts' => ['shop.example']]);
    $this->get('http://127.0.0.1/api/v1/settings', $forwarded)->assertForbidden();
    $this->get('http://shop.example/api/v1/settings', $forwarded)->assertForbidden();
})->with([
    [['X-Forwarded-Host' => 'rebound.example']],
    [['X-Forwarded-Host' => 'shop.example, rebound.example']],
    [['Forwarded' => 'for=10.0.0.1;host=rebound.example:443, host=shop.example']],
    [['X-Original-Host' => 'rebound.example']],
]);

it('believes nothing forwarded while no name is set', function (): void {
    config(['hawkbrush.hosts' => []]);
    $front = ['X-Forwarded-Host' => 'localhost', 'X-Forwarded-Proto' => 'https', 'X-Hawkbrush' => '1', 'Origin' => 'https://localhost'];
    $this->json('PUT', 'http://127.0.0.1/api/v1/settings', ['pressure' => 'bar'], $front)->assertForbidden();
    $this->json('PUT', 'http://127.0.0.1/api/v1/settings', ['pressure' => 'bar'], ['Origin' => 'http://127.0.0.1'] + $front)->assertOk();
});

it('answers under the names it was given, in any case, and by the server in front of it', function (): void {
    putenv('HAWKBRUSH_HOSTS= Shop.Example , ,bench.example');
    $config = require base_path('config/hawkbrush.php');
    putenv('HAWKBRUSH_HOSTS');
    expect($config['hosts'])->toBe(['shop.example', 'bench.example']);
    config(['hawkbrush.hosts' => $config['hosts']]);
    $front = [
        'HTTP_HOST' => '127.0.0.1:8600',
        'HTTP_X_FORWARDED_HOST' => 'SHOP.example',
        'HTTP_X_FORWARDED_PROTO' => 'https',
        'HTTP_ORIGIN' => 'https://shop.example',
        'HTTP_X_HAWKBRUSH' => '1',
        'CONTENT_TYPE' => 'application/json',
        'REMOTE_ADDR' => '127.0.0.1',
    ];
    $this->call('PUT', '/api/v1/settings', [], [], [], $front, '{"pressure":"bar"}')->assertOk();
    $this->call(
        'PUT',
        '/api/v1/settings',
        [],
        [],
        [],
        ['HTTP_X_FORWARDED_HOST' => 'elsewhere.example'] + $front,
        '{"pressure":"psi"}',
    )->assertForbidden();
    // Only a server on this machine is believed.
    $this->call('PUT', '/api/v1/settings', [], [], [], ['REMOTE_ADDR' => '10.0.0.9'] + $front, '{"pressure":"psi"}')->assertForbidden();
});

it('serves its pages under a policy without inline script', function (): void {
    $policy = (string) $this->get('/patterns')->assertOk()->headers->get('Content-Security-Policy');
    expect($policy)->toContain("script-src 'self';")->toContain("frame-ancestors 'none'")->toContain("object-src 'none'")
        ->and($this->get('/patterns')->getContent())->not->toMatch('/<script(?![^>]*src=)[^>]*>/');
});

it('answers the unknown with a problem document', function (): void {
    $this->getJson('/api/v1/nothing')
        ->assertNotFound()
        ->assertHeader('Content-Type', 'application/problem+json');
    $this->json('DELETE', '/api/v1/patterns', [], ['X-Hawkbrush' => '1'])->assertStatus(405);
    $this->send('POST', '/runs/none/start')->assertNotFound();
    $this->ask('/runs/none')->assertNotFound();
    $this->ask('/baits/none')->assertNotFound();
    $this->ask('/patterns/none/export')->assertNotFound();
});

it('never breaks on what a client can send', function (string $method, string $path, mixed $body): void {
    $response = $this->call(
        $method,
        '/api/v1'.$path,
        [],
        [],
        [],
        ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'HTTP_X_HAWKBRUSH' => '1'],
        is_string($body) ? $body : (string) json_encode($body),
    );
    expect($response->getStatusCode())->toBeGreaterThanOrEqual(400)->toBeLessThan(500);
})->with([
    'null' => ['POST', '/patterns', 'null'],
    'a list' => ['POST', '/patterns', '[]'],
    'a text' => ['POST', '/patterns', '"text"'],
    'a list for a name' => ['POST', '/patterns', ['name' => ['x'], 'body_id' => 1]],
    'a name without end' => ['POST', '/paints', ['name' => str_repeat('x', 9999), 'kind' => 'opaque', 'hex' => '#ffffff']],
    'a control character' => ['POST', '/paints', ['name' => "a\u{0}b", 'kind' => 'opaque', 'hex' => '#ffffff']],
    'a length beyond all' => ['POST', '/bodies', ['name' => 'x', 'length_mm' => 1e308, 'stations' => []]],
    'a word for stations' => ['POST', '/bodies', ['name' => 'x', 'length_mm' => 50, 'stations' => 'many']],
    'a list for an id' => ['POST', '/runs', ['version_id' => [], 'baits' => 1, 'air_c' => 1, 'humidity_percent' => 1]],
    'nothing to plan' => ['POST', '/runs/plan', []],
    'a word for degrees' => ['PUT', '/settings', ['air_c' => 'NaN']],
    'more than a float' => ['PUT', '/settings', '{"air_c": 1e999}'],
    'a list for the format' => ['POST', '/patterns/import', ['format' => ['hawkbrush.recipe/1']]],
]);

it('says again what it was asked, though it was no text', function (string $question): void {
    ['version' => $v, 'pattern' => $p] = $this->pattern();
    $answer = $this->call(
        'GET',
        '/api/v1'.strtr($question, ['V' => $v['id'], 'P' => $p['id']]),
        [],
        [],
        [],
        ['HTTP_ACCEPT' => 'application/json'],
    );
    expect($answer->getStatusCode())->toBeGreaterThanOrEqual(400)->toBeLessThan(500)->and($answer->json('detail'))->toBeString();
})->with(['/versions/V/texture?look=%ff%fe', '/versions/V/core?u=%ff&deg=%ff', '/versions/V/texture?look[]=matte', '/patterns/%ff%fe', '/versions/V/symmetry?look=%c3']);

it('holds the write lock from the beginning of a transaction, so that none is refused half way', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'hb').'.sqlite';
    touch($file);
    config(['database.connections.lock' => ['database' => $file, 'busy_timeout' => 100] + (array) config('database.connections.sqlite')]);
    $ours = DB::connection('lock');
    $ours->statement('CREATE TABLE migrations (batch INTEGER)');
    $other = new PDO("sqlite:{$file}", null, null, [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    $other->exec('PRAGMA busy_timeout = 50');
    $ours->transaction(static function () use ($ours, $other): void {
        $ours->select('SELECT * FROM migrations');
        expect(static fn() => $other->exec('INSERT INTO migrations VALUES (1)'))->toThrow(PDOException::class, 'locked');
        $ours->insert('INSERT INTO migrations VALUES (2)');
    });
    $other->exec('INSERT INTO migrations VALUES (3)');
    expect($ours->table('migrations')->pluck('batch')->all())->toBe([2, 3]);
});

it('says in the log who held the write lock for long, and nothing of others', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'hb').'.sqlite';
    touch($file);
    config(['database.connections.lock' => ['database' => $file] + (array) config('database.connections.sqlite')]);
    $log = tempnam(sys_get_temp_dir(), 'log');
    config(['logging.default' => 'lock', 'logging.channels.lock' => ['driver' => 'single', 'path' => $log]]);
    DB::connection('lock')->transaction(static fn() => usleep(1000));
    expect(file_get_contents($log))->toBe('');
    DB::connection('lock')->transaction(static fn() => usleep(210_000));
    expect(file_get_contents($log))->toContain('The write lock was held for 2');
});
