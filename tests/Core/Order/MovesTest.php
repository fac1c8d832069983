<?php

declare(strict_types=1);

use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Order\Cost;
use Hawkbrush\Core\Order\Exchanges;
use Hawkbrush\Core\Order\Ladder;
use Hawkbrush\Core\Order\Moves;
use Hawkbrush\Core\Order\Samples;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Shop\Shop;
use Tests\Build;

/** @return list<list<int>> numbers of the coats of each block */
function coatNumbers(Recipe $recipe, Ladder $ladder): array
{
    $numbers = array_flip(array_map(static fn(Coat $coat): string => $coat->id, $recipe->coats()));

    return array_map(
        static fn(int $block): array => array_map(static fn(Coat $coat): int => $numbers[$coat->id], $ladder->coats($block)),
        array_keys($ladder->blocks),
    );
}

it('offers just the moves that cost less, the cheapest first, as adding up each order whole finds them', function (int $seed): void {
    $recipe = RecipeReader::read(Node::root(Build::ladder($seed, 16)));
    $shop = Shop::ordinary();
    $ladder = Ladder::of($recipe, $shop->climate);
    $of = coatNumbers($recipe, $ladder);
    $samples = Samples::on($recipe->coats(), $recipe->body, $shop->climate);
    $exchanges = new Exchanges($ladder, $samples, $of);
    $minutes = new Cost($ladder, $samples, $of, $shop);
    $moves = new Moves($exchanges, $minutes);
    $order = array_keys($ladder->blocks);
    $cost = static fn(array $order): float => round(array_sum($minutes->of($order)), 6);
    $cheaper = [];
    foreach ($order as $from) {
        foreach ($moves->placesIn($order, $from) as $to) {
            $moved = Exchanges::moved($order, $from, $to);
            if ($cost($moved) < $cost($order)) {
                $cheaper[] = $moved;
            }
        }
    }
    $offered = $moves->cheaper($order);
    $costs = array_map($cost, $offered);
    $sorted = $costs;
    sort($sorted);
    sort($cheaper);
    $same = $offered;
    sort($same);
    expect($same)->toBe($cheaper)->and($costs)->toBe($sorted)->and($offered)->not->toBe([]);
})->with([3, 5, 6, 8, 10]);

it('says of blocks that may change places by how much the finished bait changes, and of no others', function (): void {
    $recipe = RecipeReader::read(Node::root(Build::ladder(6, 14)));
    $ladder = Ladder::of($recipe, Shop::ordinary()->climate);
    $of = coatNumbers($recipe, $ladder);
    $exchanges = new Exchanges($ladder, Samples::on($recipe->coats(), $recipe->body, Shop::ordinary()->climate), $of);
    $free = 0;
    $deltaE = $exchanges->deltaE();
    foreach ($exchanges->before as $late => $before) {
        for ($early = 0; $early < $late; $early++) {
            // Told by a quick look when both lie, and held here against the finished bait.
            $difference = $deltaE[$early][$late] ?? null;
            expect($difference === null)->toBe(($before & 1 << $early) !== 0, "{$early} before {$late}")
                ->and($difference ?? 0.0)->toBeLessThanOrEqual(1.0);
            $free += $difference === null ? 0 : 1;
        }
    }
    expect($free)->toBeGreaterThan(0);
});
