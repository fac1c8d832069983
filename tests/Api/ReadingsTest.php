<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Actions\Pictures\KeepPhoto;
use App\Devices\Devices;
use App\Devices\SimulatedColorimeter;
use App\Devices\SocketColorimeter;
use App\Devices\Turns;
use App\Stores\Rack\Paint;
use Database\Seeders\DemoCards;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Spectrum;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Tests\LiveServer;

afterEach(fn() => File::deleteDirectory((string) config('hawkbrush.data')));

/** A photograph of a card: white and black above, painted below. */
function cardPhoto(): UploadedFile
{
    $image = imagecreatetruecolor(400, 300);
    foreach ([[0, 0, '#d8d4cc'], [200, 0, '#302e2a'], [0, 150, '#8d8570'], [200, 150, '#453f35']] as [$x, $y, $hex]) {
        [$r, $g, $b] = array_map(hexdec(...), str_split(substr($hex, 1), 2));
        imagefilledrectangle($image, $x, $y, $x + 199, $y + 149, (int) imagecolorallocate($image, $r, $g, $b));
    }
    $path = tempnam(sys_get_temp_dir(), 'card');
    imagepng($image, $path);

    return new UploadedFile($path, 'card.png', 'image/png', null, true);
}

it('reads the four colours of a card off a photograph', function (): void {
    $picture = $this->upload('/pictures', ['photo' => cardPhoto()])->assertCreated()->json();
    $spots = [
        'white' => ['x' => 0.25, 'y' => 0.25],
        'black' => ['x' => 0.75, 'y' => 0.25],
        'over_white' => ['x' => 0.25, 'y' => 0.75],
        'over_black' => ['x' => 0.75, 'y' => 0.75],
    ];
    $card = $this->send(
        'POST',
        "/pictures/{$picture['id']}/card",
        ['spots' => $spots, 'white' => ['hex' => '#eceded'], 'black' => ['hex' => '#2b2b2b']],
    )->assertOk()->json();
    expect($card['white'])->toBe('#eceded')
        ->and(Colour::fromHex($card['over_white'])->lab->l)->toBeGreaterThan(Colour::fromHex('#8d8570')->lab->l);
    $shown = $this->send(
        'POST',
        "/pictures/{$picture['id']}/spots",
        ['spots' => [$spots['over_white']]],
    )->assertOk()->json('colours.0.hex');
    expect(DeltaE2000::between(Colour::fromHex($shown)->lab, Colour::fromHex('#8d8570')->lab))->toBeLessThan(1);
    $this->send('POST', "/pictures/{$picture['id']}/card", ['spots' => ['white' => $spots['black'], 'black' => $spots['white']] + $spots])
        ->assertStatus(422)->assertJsonPath('errors.0.pointer', '/spots/black');
    $this->send(
        'POST',
        "/pictures/{$picture['id']}/spots",
        ['spots' => [['x' => 1.2, 'y' => 0]]],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/spots/0/x');
    $this->get("/api/v1/pictures/{$picture['id']}")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    $this->send(
        'POST',
        '/mixes/search',
        ['target' => ['picture' => 'none', 'x' => 0, 'y' => 0]],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/target/picture');
    File::delete(KeepPhoto::path($picture['id']));
    $this->send('POST', "/pictures/{$picture['id']}/spots", ['spots' => [$spots['white']]])->assertStatus(422);
});

it('keeps reference photographs with a pattern, and puts one back', function (): void {
    $pattern = $this->pattern()['pattern'];
    $send = fn(array $files) => $this->upload("/patterns/{$pattern['id']}/pictures", $files);
    $picture = $send(['photo' => cardPhoto()])->assertCreated()->json();
    $send([])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/photo');
    $send(['photo' => UploadedFile::fake()->createWithContent('x.jpg', '<script>')])->assertStatus(422);
    $this->ask("/patterns/{$pattern['id']}/pictures")->assertJsonCount(1, 'pictures');
    $this->send('PATCH', "/pictures/{$picture['id']}", ['removed' => true])->assertOk()->assertJsonPath('removed', true);
    $this->ask("/patterns/{$pattern['id']}/pictures")->assertJsonCount(0, 'pictures');
    $this->send('PATCH', "/pictures/{$picture['id']}", ['removed' => false])->assertOk();
    $this->send('POST', '/mixes/search', ['target' => ['picture' => $picture['id'], 'x' => 0.2, 'y' => 0.8]])->assertOk();
});

it('says when there is no colorimeter, or it does not answer', function (): void {
    $this->ask('/colorimeter')->assertOk()->assertJson(['connected' => false, 'trouble' => '']);
    $this->send('POST', '/colorimeter/read', ['place' => null])->assertStatus(409)
        ->assertJsonPath('type', 'urn:hawkbrush:problem:no-instrument')->assertHeaderMissing('Retry-After');
    $folder = LiveServer::folder();
    app()->instance(Devices::class, new Devices(new SocketColorimeter('tcp://127.0.0.1:1', new Turns($folder))));
    expect($this->ask('/colorimeter')->assertOk()->json('trouble'))->toContain('does not answer');
    $read = fn() => $this->send('POST', '/colorimeter/read')->assertStatus(503)->assertJsonPath('title', 'An instrument does not answer');
    $read()->assertHeaderMissing('Retry-After');
    $read()->assertHeaderMissing('Retry-After');
    // Three failures in a row: it is left alone for a while.
    expect((int) $read()->headers->get('Retry-After'))->toBeBetween(13, 15)
        ->and($read()->json('detail'))->toContain('failed several times');
    touch($folder.'/.colorimeter.turn');
    file_put_contents($folder.'/.colorimeter.turn', '3 9999999999');
    $read()->assertHeaderMissing('Retry-After');
    File::deleteDirectory($folder);
});

it('reads a painted card with the instrument that ships with it', function (): void {
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
    fclose($socket);
    $process = proc_open([PHP_BINARY, base_path('bin/instrument'), 'colorimeter', (string) $port, '1912'], [], $pipes);
    try {
        for ($i = 0; $i < 100 && @fsockopen('127.0.0.1', $port) === false; $i++) {
            usleep(30_000);
        }
        app()->instance(Devices::class, new Devices(new SocketColorimeter("tcp://127.0.0.1:{$port}", new Turns('/none'))));
        $device = $this->ask('/colorimeter')->assertOk()->assertJsonPath('connected', true)->json();
        $card = [];
        foreach (['white', 'black', 'over_white', 'over_black'] as $half) {
            $card[$half] = ['reflectance' => $this->send(
                'POST',
                '/colorimeter/read',
                ['place' => "moss:{$half}"],
            )->assertOk()->json('reflectance')];
        }
        $this->send(
            'POST',
            '/colorimeter/read',
            ['place' => 'nowhere'],
        )->assertStatus(409)->assertJsonPath('type', 'urn:hawkbrush:problem:not-on-a-card');
    } finally {
        proc_terminate($process);
        proc_close($process);
    }
    expect(collect($device['places'])->firstWhere('id', 'moss:over_black')['note'])->toContain('45 µm wet');
    // What the card teaches is what is in the bottle, not what was guessed: to within what the instrument's noise leaves of a dark, thin film.
    $true = DemoCards::all()['moss'];
    $paint = $this->send(
        'POST',
        '/paints',
        ['name' => 'Moss', 'kind' => 'transparent', 'hex' => '#4d6340', 'solids' => $true->solids],
    )->json();
    $this->send(
        'POST',
        "/paints/{$paint['id']}/drawdown",
        $card + ['revision' => 1, 'film' => ['wet_um' => $true->wetUm], 'keep' => true, 'source' => 'colorimeter'],
    )->assertOk();
    $found = Paint::query()->findOrFail($paint['id'])->optics;
    foreach ([5, 15, 25] as $band) {
        expect($found['k'][$band])->toEqualWithDelta($true->optics->k->values[$band], 0.2 * $true->optics->k->values[$band]);
    }
});

it('reads with noise that is small, and never the same twice', function (): void {
    $instrument = new SimulatedColorimeter(DemoCards::all(), 7);
    $read = static fn(): array => json_decode(substr($instrument->answer('READ red:over_white'), 3), true)['values'];
    [$one, $two] = [$read(), $read()];
    $lab = static fn(array $values): Lab => Colour::fromReflectance(Spectrum::of($values))->lab;
    expect($one)->not->toBe($two)
        ->and(DeltaE2000::between($lab($one), $lab($two)))->toBeLessThan(1.0)
        ->and($instrument->answer('JUMP'))->toStartWith('ERR ')
        ->and($instrument->answer('READ moon:white'))->toStartWith('ERR ');
});
