<?php

declare(strict_types=1);

// What the measurements of bin/bench share.

use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Techniques;

require __DIR__.'/../../vendor/autoload.php';

/** An answer of the API. */
function call(string $method, string $url, ?array $body = null): array
{
    $context = stream_context_create(['http' => [
        'method' => $method, 'header' => "Content-Type: application/json\r\nX-Hawkbrush: 1\r\n", 'content' => $body === null
            ? ''
            : (string) json_encode($body), 'ignore_errors' => true,
    ]]);

    $answer = json_decode((string) file_get_contents($url, false, $context), true, 512, JSON_THROW_ON_ERROR);
    if (str_starts_with((string) ($answer['type'] ?? ''), 'urn:hawkbrush:problem:')) {
        throw new RuntimeException("{$method} {$url}: {$answer['detail']}");
    }

    return $answer;
}

/** @return list<float> sorted milliseconds */
function timed(int $times, callable $work): array
{
    $work();
    $ms = [];
    for ($i = 0; $i < $times; $i++) {
        $start = hrtime(true);
        $work($i);
        $ms[] = (hrtime(true) - $start) / 1e6;
    }
    sort($ms);

    return $ms;
}

/** @param list<float> $sorted */
function at(array $sorted, float $share): float
{
    return round($sorted[(int) floor((count($sorted) - 1) * $share)], 1);
}

/**
 * The share of all processors' time that the host gave to others (proc(5)): on a shared machine times tell little without it.
 *
 * @param string $before the first line of /proc/stat then, and $after now
 */
function stolenPercent(string $before, string $after): float
{
    $ticks = static fn(string $cpu): array => array_map(
        floatval(...),
        array_slice(preg_split('/ +/', $cpu) ?: [], 1, 8),
    ) + array_fill(0, 8, 0.0);
    $spent = array_map(static fn(float $then, float $now): float => $now - $then, $ticks($before), $ticks($after));

    return round(100 * $spent[7] / max(1.0, array_sum($spent)), 1);
}

/** @return array<string, mixed> a light coat of one paint, as a step of a recipe document */
function coat(string $paint, string $technique, array $where, array $more): array
{
    return $more + [
        'type' => 'paint', 'mix' => [[
            'paint' => $paint,
            'drops' => 1,
        ]], 'technique' => ['name' => $technique], 'where' => $where, 'weight' => 'light', 'thinning_percent' => 40, 'coats' => 2,
    ];
}

/**
 * Every technique once, twenty steps.
 *
 * @param bool $spread each over all of the body, the most that masks can ask for; else each where painters use it
 *
 * @return list<array<string, mixed>>
 */
function everyTechnique(string $paint, bool $spread = false): array
{
    $used = $spread ? [] : [
        'mottle' => 'back',
        'splatter' => 'back',
        'sponge' => 'shoulder',
        'brush' => 'belly',
        'dry brush' => 'back',
        'mesh' => 'flank',
        'bars' => 'flank',
        'scallops' => 'flank',
        'dots' => 'flank',
        'glitter' => 'flank',
        'tape' => 'shoulder',
    ];

    return array_map(
        static fn(Technique $t): array => coat(
            $paint,
            $t->name(),
            ['zone' => $used[$t->name()] ?? 'whole'],
            ['coats' => 1, 'aim_deg' => 75],
        ),
        Techniques::all(),
    );
}
