<?php

declare(strict_types=1);

namespace Tests\Core\Clear;

use Hawkbrush\Core\Clear\Chemistry;
use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Clear\Cure;
use Hawkbrush\Core\Clear\Mixes;
use Hawkbrush\Core\Clear\PotLife;
use Hawkbrush\Core\Clear\Product;
use Hawkbrush\Core\Clear\Turning;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** Of a small bait, mm2. */
const SMALL_BAIT = 4200.0;

/** @param array<string, mixed> $figures */
function product(array $figures = [], Clear $clear = Clear::Epoxy): Product
{
    return Product::read(Node::root($figures + ['kind' => $clear->value]));
}

it('works about ten minutes where the label says thirty, and serves two or three small baits', function (): void {
    // Common practice, no published source.
    $mixes = Mixes::of(product(), 21, 8, SMALL_BAIT);
    expect(PotLife::minutes(product(), 21, 5))->toEqualWithDelta(10, 0.01)
        ->and($mixes->baitsPerMix)->toBeBetween(2, 4)
        ->and(\count($mixes->mixes))->toBeGreaterThan(1)
        ->and(array_sum(array_column($mixes->mixes, 'baits')))->toBe(8);
});

it('takes longer in the cold and pulls sooner in a full cup, always', function (): void {
    foreach (range(5, 35, 5) as $airC) {
        foreach ([1, 2, 5, 10, 30, 100] as $ml) {
            $minutes = PotLife::minutes(product(), $airC, $ml);
            expect(PotLife::minutes(product(), $airC - 1, $ml))->toBeGreaterThan($minutes)
                ->and(PotLife::minutes(product(), $airC, $ml + 1))->toBeLessThan($minutes);
        }
    }
});

it('doubles its rate every ten degrees, as 50 kJ/mol nearly does', function (): void {
    $k = static fn(float $celsius): float => exp(-50_000 / (8.314462618 * ($celsius + 273.15)));
    // Arrhenius; gas constant of CODATA 2018. Between 16 and 26 C, about 21.
    expect(PotLife::slower(11) / PotLife::slower(21))->toEqualWithDelta(2, 1e-9)
        ->and($k(26) / $k(16))->toEqualWithDelta(2, 0.1);
});

it('never lets a mix serve more than it lasts for, and loses no bait', function (int $seed): void {
    mt_srand($seed);
    $product = product(['label_min' => mt_rand(5, 120)]);
    [$airC, $baits, $area] = [mt_rand(5, 35), mt_rand(1, 60), mt_rand(500, 30000)];
    $mixes = Mixes::of($product, $airC, $baits, $area);
    $before = -1.0;
    foreach ($mixes->mixes as $mix) {
        expect($mix['baits'] === 1 || $mix['usable_min'] >= $mix['baits'] * Mixes::coatMin($area))->toBeTrue()
            ->and($mix['start_min'])->toBeGreaterThan($before)->and($mix['ml'])->toBeGreaterThan(0);
        $before = $mix['start_min'];
    }
    expect(array_sum(array_column($mixes->mixes, 'baits')))->toBe($baits);
})->with(range(1, 40));

it('weighs and measures its parts by arithmetic', function (): void {
    // 2 : 1 by volume, 1.1 and 1.0 g/ml: 6 ml are 4 ml or 4.4 g, and 2 ml or 2 g.
    $byVolume = product(['parts_a' => 2, 'parts_b' => 1, 'density_a' => 1.1, 'density_b' => 1.0])->parts(6);
    expect($byVolume)->toEqualWithDelta(['ml_a' => 4, 'ml_b' => 2, 'grams_a' => 4.4, 'grams_b' => 2], 1e-9);
    // 100 : 45 by weight at those densities: for each gram of B, 100/45 of A.
    $byWeight = product(['parts_a' => 100, 'parts_b' => 45, 'by' => 'weight', 'density_a' => 1.1, 'density_b' => 0.95])->parts(10);
    expect($byWeight['grams_a'] / $byWeight['grams_b'])->toEqualWithDelta(100 / 45, 1e-9)
        ->and($byWeight['ml_a'] + $byWeight['ml_b'])->toEqualWithDelta(10, 1e-9);
});

it('mixes nothing that comes ready', function (): void {
    foreach ([Clear::Uv, Clear::Urethane, Clear::Acrylic] as $clear) {
        expect(Mixes::of(product([], $clear), 21, 8, SMALL_BAIT)->mixes)->toBe([]);
    }
});

it('hardens with the warmth, the lamp, or the water in the air', function (): void {
    $hard = static fn(Clear $clear, float $airC, float $humidity): float => Cure::of(
        product([], $clear),
        Climate::of($airC, $humidity),
    )->hardMin;
    expect($hard(Clear::Epoxy, 11, 50))->toEqualWithDelta(2 * $hard(Clear::Epoxy, 21, 50), 1e-9)
        ->and($hard(Clear::Urethane, 21, 20))->toBeGreaterThan(1.5 * $hard(Clear::Urethane, 21, 60))
        ->and($hard(Clear::Uv, 21, 50))->toEqualWithDelta(30, 1e-9)
        // Twice the light, half the time: dose is irradiance times time.
        // 9 J/cm2 at 10 mW/cm2 are 900 s: dose is irradiance times time.
        ->and(product(['dose_j_cm2' => 9, 'lamp_mw_cm2' => 10], Clear::Uv)->lampMin())->toEqualWithDelta(15, 1e-9)
        ->and(product(['dose_j_cm2' => 4, 'lamp_mw_cm2' => 20], Clear::Uv)->lampMin())->toEqualWithDelta(200 / 60, 1e-9);
    $cure = Cure::of(product([]), Climate::ordinary());
    expect($cure->recoatFromMin)->toBeLessThan($cure->hardMin)->and($cure->sandMin)->toBeGreaterThan($cure->hardMin)
        ->and($cure->fishMin)->toBeGreaterThan($cure->sandMin);
});

it('knows how much water is in the air', function (): void {
    // Ideal gas with 461.5 J/(kg K): 21 C at 50 percent holds 9.2 g/m3, 30 C at 100 percent 30.3 (tables of absolute humidity).
    expect(Climate::of(21, 50)->waterGM3())->toEqualWithDelta(9.2, 0.1)
        ->and(Climate::of(30, 100)->waterGM3())->toEqualWithDelta(30.3, 0.3);
});

it('turns what runs before it gels', function (): void {
    $turn = static fn(Clear $clear): bool => Turning::wanted($clear, Turning::runsForMin(Product::usual($clear), 21));
    expect($turn(Clear::Epoxy))->toBeTrue()->and($turn(Clear::Resin))->toBeTrue()->and($turn(Clear::Urethane))->toBeTrue()
        ->and($turn(Clear::Acrylic))->toBeFalse();
});

it('seals ink and decals under epoxy, and leaves the rest alone', function (Clear $clear, string $below, string $verdict): void {
    expect(Chemistry::over($clear, $below)->verdict)->toBe($verdict)->and(Chemistry::over($clear, $below)->reason)->not->toBeEmpty();
})->with([
    [Clear::Epoxy, 'water-borne acrylic', Chemistry::SAFE],
    [Clear::Epoxy, 'craft acrylic', Chemistry::SAFE],
    [Clear::Epoxy, 'acrylic ink', Chemistry::SAFE],
    [Clear::Epoxy, 'pen ink', Chemistry::SEAL],
    [Clear::Epoxy, 'ink', Chemistry::SEAL],
    [Clear::Resin, 'alcohol ink', Chemistry::SEAL],
    [Clear::Epoxy, 'vinyl', Chemistry::NEVER],
    [Clear::Uv, 'molten vinyl', Chemistry::NEVER],
    [Clear::Epoxy, 'acrylic ink by pen', Chemistry::SEAL],
    [Clear::Epoxy, 'alcohol marker', Chemistry::SEAL],
    [Clear::Epoxy, 'water-borne acrylic by pen', Chemistry::SAFE],
    [Clear::Resin, 'decal', Chemistry::SEAL],
    [Clear::Epoxy, 'lacquer', Chemistry::SEAL],
    [Clear::Uv, 'water-borne acrylic', Chemistry::SAFE],
    [Clear::Urethane, 'two-part epoxy', Chemistry::SEAL],
    [Clear::Urethane, 'water-borne urethane', Chemistry::SAFE],
    [Clear::Urethane, 'moisture-cure urethane dip', Chemistry::SAFE],
    [Clear::Acrylic, 'solvent enamel', Chemistry::NEVER],
    [Clear::Acrylic, 'decal', Chemistry::SAFE],
]);

it('refuses what no clear is', function (array $figures): void {
    product($figures);
})->with([
    [['label_min' => 0]], [['parts_a' => 0]], [['density_a' => 20]], [['by' => 'eye']], [['kind' => 'varnish']],
])->throws(Refused::class);

it('is hard sooner where the label says so', function (): void {
    $hard = static fn(float $label): float => Cure::of(product(['label_min' => $label]), Climate::ordinary())->hardMin;
    // 6 to 8 h for one of 30 minutes: common practice, no published source. A quick one in proportion: a guess.
    expect($hard(30))->toBeBetween(360, 480)->and($hard(5))->toBeBetween(45, 120)->and($hard(60))->toBeBetween(720, 960);
});

it('does not wait for one coat to cure before the next', function (): void {
    // 420 min to hard, the next coat from 0.15 of that on: 2 x 63 + 420.
    expect(Cure::of(product(), Climate::ordinary())->hardAfterMin(3))->toEqualWithDelta(546, 1e-9)
        ->and(Cure::of(product(), Climate::ordinary())->hardAfterMin(1))->toEqualWithDelta(420, 1e-9);
});

it('takes longer over a larger bait, and says where a mix does not last for one', function (): void {
    // A small bait in two to two and a half minutes, with taking it up: common practice, no published source.
    expect(Mixes::coatMin(SMALL_BAIT))->toBeBetween(2, 3.2)->and(Mixes::coatMin(60_000))->toBeGreaterThan(20);
    $large = Mixes::of(product(), 21, 29, 60_000);
    expect($large->baitsPerMix)->toBe(0)->and($large->holds())->toBeFalse()->and($large->trouble())->toContain('a part of the bait')
        ->and(array_sum(array_column($large->mixes, 'baits')))->toBe(29)
        ->and(Mixes::of(product(), 21, 8, SMALL_BAIT)->trouble())->toBe('');
});

it('is fished when practice fishes it', function (): void {
    // Common practice, no published source.
    $cure = static fn(array $figures, Clear $clear): Cure => Cure::of(product($figures, $clear), Climate::ordinary());
    expect($cure([], Clear::Uv)->fishMin)->toEqualWithDelta(30, 1e-9)
        ->and($cure([], Clear::Resin)->fishMin)->toEqualWithDelta(2 * 24 * 60, 1e-9)
        ->and($cure(['label_min' => 5], Clear::Epoxy)->hardMin)->toBeLessThan(90);
});

it('lets a thin epoxy coat stand on a small bait, and shows no figure that is off the bait', function (): void {
    // Common practice, no published source.
    expect(Turning::mayStand(Clear::Epoxy, 3000))->toBeTrue()->and(Turning::mayStand(Clear::Epoxy, 9000))->toBeFalse()
        ->and(Turning::mayStand(Clear::Urethane, 3000))->toBeFalse();
    foreach (Clear::cases() as $clear) {
        $minutes = Turning::runsForMin(Product::usual($clear), 21);
        $mm = Turning::shownMm($clear, $minutes);
        expect($mm === null || $mm <= 100)->toBeTrue();
    }
    expect(Turning::shownMm(Clear::Resin, Turning::runsForMin(Product::usual(Clear::Resin), 21)))->toBeNull();
});

it('holds a marker for a pen', function (): void {
    foreach (Clear::cases() as $clear) {
        expect(Chemistry::over($clear, 'marker'))->toEqual(Chemistry::over($clear, 'pen'))
            ->and(Chemistry::over($clear, 'alcohol marker'))->toEqual(Chemistry::over($clear, 'alcohol pen ink'));
    }
});
