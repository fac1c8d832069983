<?php

declare(strict_types=1);

namespace Tests\Core\Flat;

use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Flat\SvgReader;
use Hawkbrush\Core\Refused;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

const MOST_MEGABYTES = 160;

/** @return string 'read', or why it was refused; anything else that happens is a fault */
function outcome(string $svg): string
{
    memory_reset_peak_usage();
    $before = memory_get_usage();
    try {
        $shape = SvgReader::read($svg)->shape;
        $said = array_sum(array_map(\count(...), $shape->rings)) <= Shape::MOST_CORNERS ? 'read' : 'too many corners';
    } catch (Refused $e) {
        $said = $e->getMessage();
    }
    expect((memory_get_peak_usage() - $before) / 1e6)->toBeLessThan(MOST_MEGABYTES);

    return $said;
}

function drawn(string $path): string
{
    return '<svg width="60mm" height="60mm" viewBox="0 0 60 60"><path d="'.$path.'"/></svg>';
}

/** Teeth of 50 mm, each a corner up and one down. */
function comb(int $edges): string
{
    $path = 'M0 0';
    for ($i = 0; $i < $edges / 2; $i++) {
        $path .= 'V'.($i % 2 === 0 ? 50 : 0).'H'.round(60 * $i / $edges, 3);
    }

    return $path.'V-1H0Z';
}

it('refuses a comb of 12,000 edges in words, and reads a fine one', function (): void {
    expect(outcome(drawn(comb(12_000))))->toContain('more corners than can be read')
        ->and(outcome(drawn(comb(600))))->toBe('read');
});

it('bounds the work of any outline', function (string $svg): void {
    expect(outcome($svg))->not->toBe('');
})->with([
    'a spiral' => fn() => drawn('M30 30'.implode('', array_map(
        static fn(int $i): string => \sprintf('L%.3f %.3f', 30 + $i / 200 * cos($i / 9), 30 + $i / 200 * sin($i / 9)),
        range(1, 5000),
    ))),
    'a saw with teeth that grow' => fn() => drawn('M0 0'.implode('', array_map(
        static fn(int $i): string => \sprintf('L%.3f %.3f', $i / 100, $i % 2 === 0 ? 0 : $i / 100),
        range(1, 9000),
    ))),
    'an arc of endless figures' => fn() => drawn('M0 0A'.str_repeat('1', 150_000)),
    'an arc of endless flags' => fn() => drawn('M0 0A1 1 0 '.str_repeat('01', 70_000)),
    'moves only' => fn() => drawn(str_repeat('M0 0', 40_000)),
    'ends only' => fn() => drawn('M0 0'.str_repeat('Z', 150_000)),
    'points of a polygon' => fn() => '<svg><polygon points="'.str_repeat('1 2 ', 220_000).'"/></svg>',
    'many small ones' => fn() => '<svg>'.str_repeat('<path d="M0 0L9 9L9 0Z"/>', 30_000).'</svg>',
    'transforms' => fn() => '<svg><path transform="'.str_repeat('scale(1)', 90_000).'" d="M0 0L9 9L9 0Z"/></svg>',
    'combs side by side' => fn() => '<svg>'.str_repeat('<path d="'.comb(2000).'"/>', 9).'</svg>',
]);

const NEEDS = ['M' => 2, 'L' => 2, 'H' => 1, 'V' => 1, 'C' => 6, 'S' => 4, 'Q' => 4, 'T' => 2, 'A' => 7, 'Z' => 0];

it('reads or refuses whatever is drawn at random', function (int $seed): void {
    $chance = new Randomizer(new Xoshiro256StarStar($seed));
    for ($i = 0; $i < 25; $i++) {
        $path = 'M30 30';
        for ($n = $chance->getInt(1, 900); $n > 0; $n--) {
            $command = 'MmLlHhVvCcSsQqTtAaZz'[$chance->getInt(0, 19)];
            // Now and then one too few, or one from far away.
            $needs = NEEDS[strtoupper($command)] - ($chance->getInt(1, 400) === 1 ? 1 : 0);
            $path .= $command.implode(' ', array_map(
                static fn(int $at): string => strtoupper($command) === 'A' && ($at === 3 || $at === 4)
                    ? (string) $chance->getInt(0, 1)
                    : (string) ($chance->getInt(-9000, 9000) / ($chance->getInt(1, 300) === 1 ? 1e-6 : 300)),
                $needs > 0 ? range(0, $needs - 1) : [],
            ));
        }
        expect(outcome(drawn($path)))->not->toBe('too many corners');
    }
})->with(range(1, 6));
