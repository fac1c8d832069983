<?php

declare(strict_types=1);

// Measures the search of mixes: how much its best offer misses of the best there is, over many racks by chance, and how
// long it takes for a large rack. Prints JSON.

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Metric;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Mix\MixSearch;
use Hawkbrush\Core\Mix\Wanted;
use Tests\AnyRack;

require __DIR__.'/tools.php';

// Trying every mix takes its time: HAWKBRUSH_RACKS=200 for as many as docs/decisions/0006 speaks of.
define('RACKS', (int) (getenv('HAWKBRUSH_RACKS') ?: 20));
const PAINTS = 16;

$wanted = static fn(): Wanted => new Wanted(
    Colour::fromHex(sprintf('#%02x%02x%02x', mt_rand(10, 245), mt_rand(10, 245), mt_rand(10, 245)))->lab,
    Spectrum::flat(mt_rand(5, 90) / 100),
    mt_rand(4, 25),
    SurfaceFinish::Clear,
);
$missed = [];
for ($seed = 1; $seed <= RACKS; $seed++) {
    $rack = AnyRack::of(PAINTS, $seed);
    $colour = $wanted();
    $found = MixSearch::best($rack, $colour)[0];
    $missed[] = $found->off - AnyRack::nearest($rack, $colour, $found->near() ? Metric::at($colour->lab) : Metric::plain($colour->lab));
}
mt_srand(400);
$large = AnyRack::of(400, 400);

echo json_encode([
    'mix_missed_most_delta_e' => round(max($missed), 3),
    'mix_search_400_paints_ms' => at(timed(5, static fn() => MixSearch::best($large, $wanted())), 0.5),
], JSON_THROW_ON_ERROR), "\n";
