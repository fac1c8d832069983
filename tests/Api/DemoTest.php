<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Bait;
use App\Models\Pattern;
use App\Models\Run;
use App\Stores\Bodies\Body;
use App\Stores\Rack\Paint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Technique\Techniques;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use PDO;
use Tests\ApiCase;
use Tests\Artisan;
use Tests\LiveServer;

beforeEach(function (): void {
    // As it was laid out once: rows of every table, and photographs.
    $demo = LiveServer::demo();
    exec('mkdir -p '.escapeshellarg((string) config('hawkbrush.data')));
    exec('cp -a '.escapeshellarg($demo.'/photos').' '.escapeshellarg((string) config('hawkbrush.data')));
    DB::statement('PRAGMA defer_foreign_keys = ON');
    $kept = Artisan::database($demo);
    foreach (DB::table('sqlite_master')->where('type', 'table')->pluck('name') as $table) {
        if ($table !== 'migrations' && ! str_starts_with($table, 'sqlite_')) {
            $rows = $kept->query("SELECT * FROM \"{$table}\"")->fetchAll(PDO::FETCH_ASSOC);
            array_map(static fn(array $some): bool => DB::table($table)->insert($some), array_chunk($rows, 100));
        }
    }
    File::deleteDirectory($demo);
});

/** @return array{l: float, c: float, h: float} how the bait of a species looks at a place */
function seenAt(ApiCase $case, string $species, float $u, float $deg): array
{
    $version = Pattern::query()->with('current')->where('species', $species)->firstOrFail()->current;

    return $case->ask("/versions/{$version->id}/core?u={$u}&deg={$deg}")->assertOk()->json('colour');
}

it('has paints of every kind, bodies of several forms and patterns of several species', function (): void {
    expect(Paint::query()->whereNull('mix')->count())->toBe(22)
        ->and(Paint::query()->whereNotNull('mix')->value('name'))->toBe('Reed olive')
        ->and(Paint::query()->where('from_card', true)->count())->toBe(2)
        ->and(Paint::query()->distinct()->pluck('kind')->sort()->values()->all())->toBe(collect(Kind::names())->sort()->values()->all())
        ->and(Paint::query()->where('left_ml', '<=', 0)->count())->toBe(0)
        ->and(Body::query()->count())->toBeGreaterThanOrEqual(3)
        ->and(Pattern::query()->distinct()->count('species'))->toBeGreaterThanOrEqual(5);
});

it('has one pattern proven with its baits, one tried, one half done at the bench', function (): void {
    $states = array_column($this->ask('/patterns')->json('patterns'), 'state', 'name');
    expect($states['Roach, first frost'])->toBe('proven')
        ->and($states['Bleak, moonlight'])->toBe('tried')
        ->and($states['Burbot, under ice'])->toBe('sketch')
        ->and($states['Roach, tea water'])->toBe('sketch')
        ->and(Bait::query()->whereHas('run', static fn($q) => $q->whereNotNull('finished_at'))->count())->toBe(6);
    $open = Run::query()->whereNull('finished_at')->firstOrFail();
    $this->ask("/runs/{$open->id}")
        ->assertJsonPath('state', 'at the bench')
        ->assertJsonPath('one_side_of_all', true)
        ->assertJsonPath('record.position.bait', 3);
});

it('lets the tried one be stamped only when its missing step is recorded', function (): void {
    $bait = Bait::query()->whereHas('run.version.pattern', static fn($q) => $q->where('species', 'bleak'))->firstOrFail();
    $this->send('POST', "/baits/{$bait->id}/stamp")
        ->assertStatus(422)
        ->assertJsonPath('detail', 'Not proven yet: no record of step 7 (Lateral line).');
});

it('shows what a caution is on one pattern, and is sound else', function (): void {
    $cautions = [];
    foreach (Pattern::query()->with('current')->get() as $pattern) {
        foreach ($this->ask("/versions/{$pattern->current->id}/advice")->json('findings') as $finding) {
            if ($finding['severity'] !== 'hint') {
                $cautions[] = $pattern->species.': '.$finding['rule'];
            }
        }
    }
    expect($cautions)->toBe(['zander: too-soon-to-clamp']);
});

it('has nine bodies, twelve masks, and patterns that between them use every way of putting paint on', function (): void {
    $used = [];
    foreach (Pattern::query()->with('current')->get() as $pattern) {
        array_push($used, ...array_column(array_column($pattern->current->steps, 'technique'), 'name'));
    }
    expect(array_diff(Techniques::names(), $used))->toBe([])
        ->and(Pattern::query()->count())->toBeGreaterThanOrEqual(8)
        ->and($this->ask('/bodies')->json('bodies'))->toHaveCount(9)
        ->and($this->ask('/masks')->json('masks'))->toHaveCount(12)
        ->and(array_unique(array_column($this->ask('/bodies')->json('bodies'), 'condition')))->toHaveCount(8);
    $lots = collect(
        $this->ask('/bodies/'.Body::query()->where('name', 'Plover 65')->firstOrFail()->id)->json('lots'),
    )->keyBy('supplier');
    expect($lots['Quayside Blanks']['reject_share'])->toEqual(0.214)->and($lots['Two Sheds Moulding']['reject_share'])->toEqual(0.1);
});

it('makes baits that a painter would know by their colours', function (string $species, float $u, float $deg, callable $looks): void {
    $colour = seenAt($this, $species, $u, $deg);
    expect($looks($colour))->toBeTrue(json_encode($colour) ?: '');
})->with([
    'roach: silver belly' => ['roach', 0.5, 160, static fn(array $c): bool => $c['l'] > 75 && $c['c'] < 8],
    'roach: dark back' => ['roach', 0.5, 2, static fn(array $c): bool => $c['l'] < 25],
    'roach: warm pelvic fin' => ['roach', 0.33, 160, static fn(array $c): bool => $c['c'] > 30 && $c['h'] > 25 && $c['h'] < 80],
    'char: red belly side' => ['Arctic char', 0.5, 135, static fn(array $c): bool => $c['c'] > 40 && ($c['h'] < 50 || $c['h'] > 350)],
    'char: green shoulder' => ['Arctic char', 0.57, 55, static fn(array $c): bool => $c['l'] < 60 && $c['h'] > 95 && $c['h'] < 170],
    'bleak: steel back' => ['bleak', 0.5, 30, static fn(array $c): bool => $c['l'] < 60 && $c['h'] > 200 && $c['h'] < 290],
    'bleak: silver side' => ['bleak', 0.5, 120, static fn(array $c): bool => $c['l'] > 60 && $c['c'] < 12],
    'burbot: pale belly' => ['burbot', 0.5, 175, static fn(array $c): bool => $c['l'] > 65],
    'zander: pale belly' => ['zander', 0.5, 170, static fn(array $c): bool => $c['l'] > 75],
    'rudd: red tail' => ['rudd', 0.97, 90, static fn(array $c): bool => $c['c'] > 15 && ($c['h'] < 50 || $c['h'] > 340)],
    'rudd: brass gill plate' => ['rudd', 0.15, 100, static fn(array $c): bool => $c['c'] > 30 && $c['h'] > 65 && $c['h'] < 95],
]);

it('marks the burbot black and pale, and bars the zander', function (string $species, float $deg, float $spread): void {
    $lights = [];
    for ($u = 0.3; $u < 0.8; $u += 0.02) {
        $lights[] = seenAt($this, $species, round($u, 2), $deg)['l'];
    }
    expect(max($lights) - min($lights))->toBeGreaterThan($spread);
})->with([['burbot', 70, 35], ['zander', 60, 20]]);

it('names nothing but colours of its own', function (): void {
    foreach (Paint::query()->get() as $paint) {
        expect(Colour::fromHex($paint->hex)->hex())->toBe($paint->hex)
            ->and($paint->name)->not->toBe('');
    }
});
