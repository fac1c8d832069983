<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Devices\Devices;
use App\Devices\DeviceTrouble;
use App\Devices\Meter;
use App\Devices\SimulatedGauge;
use App\Devices\SimulatedHygrometer;
use App\Devices\SocketMeter;
use App\Devices\Turns;
use App\Models\Preference;
use App\Models\Reading;

/** @param list<array<string, float>|null> $readings one after the other; null: it does not answer */
function reading(array $readings, bool $gauge = false): void
{
    $meter = new class ($readings) implements Meter {
        /** @param list<array<string, float>|null> $readings */
        public function __construct(private array $readings) {}

        public function read(): array
        {
            return array_shift($this->readings) ?? throw new DeviceTrouble('The instrument does not answer.');
        }
    };
    app()->instance(Devices::class, $gauge ? new Devices(null, null, $meter) : new Devices(null, $meter));
}

it('takes the room from the hygrometer, and from the hand where there is none', function (): void {
    $this->send('POST', '/instruments/room')->assertOk()->assertJson(['connected' => false, 'reading' => null, 'said' => '']);
    reading([['air_c' => 19.44, 'humidity_percent' => 61.2]]);
    $this->send('POST', '/instruments/room')->assertOk()->assertJson(['connected' => true, 'leapt' => false, 'said' => '']);
    $this->ask('/settings')->assertJsonPath('air_c', 19.4)->assertJsonPath('humidity_percent', 61.2);
});

it('says a reading that leaps, and believes it only when it is told to', function (): void {
    $far = ['air_c' => 31.0, 'humidity_percent' => 60.0];
    reading([['air_c' => 20.0, 'humidity_percent' => 60.0], $far, $far]);
    $this->send('POST', '/instruments/room')->assertOk();
    $leap = $this->send('POST', '/instruments/room')->assertOk()->assertJsonPath('leapt', true)->json();
    expect($leap['said'])->toContain('from 20.0 to 31.0 °C')->not->toContain('%')
        ->and(Preference::room()->airC)->toBe(20.0)
        ->and(Reading::query()->sole()->figures['air_c'])->toEqual(20);
    $this->send('POST', '/instruments/room', ['believe' => true])->assertJsonPath('leapt', false)->assertJsonPath('said', '');
    expect(Preference::room()->airC)->toBe(31.0);
    $this->send('POST', '/instruments/room', ['believe' => 'yes'])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/believe');
});

it('says when it stops, with what it read last, and takes any room after a long silence', function (): void {
    reading([['air_c' => 20.0, 'humidity_percent' => 60.0], null, ['air_c' => 27.0, 'humidity_percent' => 40.0]]);
    $first = $this->send('POST', '/instruments/room')->json();
    $stopped = $this->send('POST', '/instruments/room')->assertOk()->assertJsonPath('connected', false)->json();
    expect($stopped['said'])->toContain('does not answer')->toContain('as it was last read')
        ->and($stopped['reading'])->toEqual(['air_c' => 20, 'humidity_percent' => 60])->and($stopped['at'])->toBe($first['at'])
        ->and(Preference::room()->airC)->toBe(20.0);
    $this->travel(40)->minutes();
    $this->send('POST', '/instruments/room')->assertJsonPath('leapt', false)->assertJsonPath('reading.air_c', 27);
});

it('reads the pressure, and says when it cannot', function (): void {
    $this->ask('/instruments/pressure')->assertOk()->assertJson(['connected' => false, 'psi' => null, 'said' => '']);
    reading([['psi' => 11.8], null], true);
    $this->ask('/instruments/pressure')->assertOk()->assertJson(['connected' => true, 'psi' => 11.8]);
    expect($this->ask('/instruments/pressure')->assertOk()->assertJsonPath('psi', null)->json('said'))->toContain('does not answer');
});

it('ships with a hygrometer and a gauge that answer as docs/instruments.md says', function (): void {
    $read = static fn(string $answer): array => (array) json_decode(substr($answer, 3), true);
    $room = new SimulatedHygrometer(7);
    foreach (range(1, 50) as $_) {
        $air = $read($room->answer("READ\n"));
        expect($air['air_c'])->toBeBetween(18, 21)->and($air['humidity_percent'])->toBeBetween(54, 62);
    }
    $gauge = new SimulatedGauge(7);
    $gauge->answer('SET 22');
    expect($read($gauge->answer('READ'))['psi'])->toEqualWithDelta(22, 0.3)
        ->and($gauge->answer('SING'))->toStartWith('ERR ')
        ->and($room->answer('SET 3'))->toStartWith('ERR ');
});

it('says of an instrument that is not there, or that says nonsense, what is wrong', function (string $says, string $told): void {
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    $address = 'tcp://'.stream_socket_get_name($socket, false);
    fclose($socket);
    $serve = '$s = stream_socket_server($argv[1]); echo "."; $c = stream_socket_accept($s, 5); fgets($c); fwrite($c, $argv[2]."\n");';
    $process = $says === '' ? false : proc_open([PHP_BINARY, '-r', $serve, '--', $address, $says], [1 => ['pipe', 'w']], $pipes);
    if ($process !== false) {
        fread($pipes[1], 1);
    }
    try {
        expect(static fn() => (new SocketMeter('hygrometer', $address, new Turns('/none')))->read())->toThrow(DeviceTrouble::class, $told);
    } finally {
        $process === false || proc_close($process);
    }
})->with([
    'silence' => ['', 'does not answer'],
    'a room of 900 C' => ['OK {"air_c":900,"humidity_percent":50}', 'answered with something else'],
    'no figures' => ['OK {}', 'answered with something else'],
    'nonsense' => ['OK nonsense', 'answered with something else'],
    'not even OK' => ['hello', 'no answer that can be read'],
    'a flat battery' => ['ERR battery', 'says: battery'],
]);
