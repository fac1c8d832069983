<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\ReferencePhoto;
use App\Photos\JpegScans;
use App\Photos\RedrawApart;
use Hawkbrush\Core\Flat\SvgReader;
use Hawkbrush\Core\Refused;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;

afterEach(fn() => File::deleteDirectory((string) config('hawkbrush.data')));

/** A progressive JPEG with its last scan repeated, as nobody's camera writes it. */
function manyScans(int $scans): string
{
    $image = imagecreatetruecolor(600, 450);
    for ($i = 0; $i < 60; $i++) {
        imagefilledellipse($image, random_int(0, 600), random_int(0, 450), 40, 40, random_int(0, 0xFFFFFF));
    }
    imageinterlace($image, true);
    ob_start();
    imagejpeg($image, null, 80);
    $jpeg = (string) ob_get_clean();
    $last = (int) strrpos($jpeg, "\xFF\xDA");

    return substr($jpeg, 0, $last).str_repeat(substr($jpeg, $last, -2), $scans)."\xFF\xD9";
}

it('takes an ordinary progressive photograph, and none of hundreds of scans', function (): void {
    expect($this->upload(
        '/pictures',
        ['photo' => UploadedFile::fake()->createWithContent('a.jpg', manyScans(1))],
    )->getStatusCode())->toBe(201);
    $this->upload('/pictures', ['photo' => UploadedFile::fake()->createWithContent('a.jpg', manyScans(100))])
        ->assertStatus(422)
        ->assertJsonPath(
            'errors.0.detail',
            'This photograph is put together from too many scans to be read. Save it as an ordinary JPEG first.',
        );
});

it('reads a photograph with a film behind it', function (): void {
    // Any bytes stand there, those of the start of a scan too.
    $film = str_repeat(random_bytes(40)."\xFF\xDA\x00\x08", 200_000);
    $this->upload('/pictures', ['photo' => UploadedFile::fake()->createWithContent('motion.jpg', manyScans(1).$film)])
        ->assertCreated()->assertJsonPath('width', 600);
    expect(JpegScans::count(manyScans(1).$film, 40))->toBe(JpegScans::count(manyScans(1), 40))->toBeLessThan(15)
        ->and(JpegScans::count(manyScans(100), 40))->toBe(41)
        ->and(JpegScans::count("\xFF\xD8", 40))->toBe(0)
        ->and(JpegScans::count("\xFF\xD8\xFF\xDA", 40))->toBe(1);
});

it('keeps a photograph that is sent twice with one key once, and another with it not at all', function (string $to): void {
    $path = strtr($to, ['{id}' => $this->pattern()['pattern']['id']]);
    $jpeg = manyScans(1);
    $send = fn(string $jpeg) => $this->upload(
        $path,
        ['photo' => UploadedFile::fake()->createWithContent('a.jpg', $jpeg)],
        ['Idempotency-Key' => 'one-photograph'],
    );
    $first = $send($jpeg)->assertCreated()->json('id');
    $send($jpeg)->assertCreated()->assertJsonPath('id', $first);
    $send(manyScans(2))->assertStatus(422)->assertJsonPath('type', 'urn:hawkbrush:problem:key-used');
    expect(ReferencePhoto::query()->count())->toBe(1)->and(glob(config('hawkbrush.data').'/photos/*'))->toHaveCount(1);
})->with(['/pictures', '/patterns/{id}/pictures']);

it('ends a photograph that takes too much, and not the server', function (): void {
    $this->app->instance(RedrawApart::class, new RedrawApart(kilobytes: 240_000));
    $this->upload('/pictures', ['photo' => UploadedFile::fake()->image('large.jpg', 7000, 7000)])
        ->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', '/photo');
    expect(glob(config('hawkbrush.data').'/photos/.*.part') ?: [])->toBe([]);
});

it('keeps a photograph that the bench has given an id once', function (): void {
    ['version' => $version] = $this->pattern();
    $run = $this->startedRun($version, 1);
    $id = '01m8jr2cba7ac7yd5966jmgyq3';
    $send = fn(string $id) => $this->upload(
        "/runs/{$run['id']}/photos",
        ['id' => $id, 'photo' => UploadedFile::fake()->image('bait.jpg', 400, 300)],
    );
    $send($id)->assertCreated()->assertJsonPath('id', $id);
    $send($id)->assertCreated()->assertJsonPath('id', $id);
    $send('../../../etc/passwd')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/id');
    $other = $this->startedRun($version, 1);
    $this->upload(
        "/runs/{$other['id']}/photos",
        ['id' => $id, 'photo' => UploadedFile::fake()->image('bait.jpg', 400, 300)],
    )->assertStatus(422);
});

it('says that a photograph is lost when its file is', function (): void {
    $picture = $this->upload('/pictures', ['photo' => UploadedFile::fake()->image('bait.jpg', 400, 300)])->json();
    unlink(config('hawkbrush.data')."/photos/{$picture['id']}.jpg");
    $this->ask("/pictures/{$picture['id']}")->assertStatus(404)->assertJsonPath('type', 'urn:hawkbrush:problem:photograph-lost');
});

it('reads no outline that would take all memory', function (string $svg): void {
    $before = memory_get_peak_usage();
    expect(static fn() => SvgReader::read($svg))->toThrow(Refused::class)
        ->and(memory_get_peak_usage() - $before)->toBeLessThan(60_000_000);
})->with([
    'thousands of arcs' => ['<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0'.str_repeat('a9 9 0 1 1 1 1', 4500).'"/></svg>'],
    'thousands of circles' => ['<svg xmlns="http://www.w3.org/2000/svg">'.str_repeat('<circle r="9"/>', 4000).'</svg>'],
    'a path without end' => ['<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0'.str_repeat('L1 1', 60_000).'"/></svg>'],
    'entities in another encoding' => [
        '<?xml version="1.0" encoding="UTF-7"?>+ADwAIQ-DOCTYPE svg+AFsAPAAh-ENTITY a "aaaa"+AD4AXQA+-<svg xmlns="http://www.w3.org/2000/svg"><path d="+ACY-a+ADs-"/></svg>',
    ],
    'entities' => ['<!DOCTYPE svg [<!ENTITY a "aaaa">]><svg xmlns="http://www.w3.org/2000/svg"><path d="&a;"/></svg>'],
]);
