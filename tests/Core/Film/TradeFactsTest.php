<?php

declare(strict_types=1);

namespace Tests\Core\Film;

// What painters hold to be true must come out of the film by itself. Each fact: common practice, no published source.

use Hawkbrush\Core\Body\Shine;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Coat\Weight;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Drying\Airflow;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Drying\Dryer;
use Hawkbrush\Core\Drying\Evaporation;
use Hawkbrush\Core\Film\DuncanMixing;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Hiding;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Film\Unmeasured;
use Hawkbrush\Core\Film\WetBlend;
use Hawkbrush\Core\Technique\Tool;
use Tests\Build;
use Tests\Films;

it('makes orange of transparent red over yellow', function (SurfaceFinish $finish): void {
    $yellow = Films::white()->under(Film::of(Build::optics('#f5d000', Kind::Transparent), 8));
    expect(Films::look($yellow->under(Film::of(Build::optics('#c8102e', Kind::Transparent), 5)), $finish)->hue())->toBeBetween(40, 70);
})->with([SurfaceFinish::None, SurfaceFinish::Clear]);

it('makes a drab brown of red over green', function (): void {
    $green = Films::white()->under(Film::of(Build::optics('#1f7a3a', Kind::Opaque), 30));
    $brown = Films::look($green->under(Film::of(Build::optics('#c8102e', Kind::Transparent), 5)));
    expect($brown->chroma())->toBeLessThan(30)->and($brown->hue())->toBeBetween(60, 100);
});

it('turns thin orange over black greenish and dull', function (SurfaceFinish $finish): void {
    $orange = Build::optics('#e06a10', Kind::SemiOpaque);
    $bright = Films::look(Films::white()->under(Film::of($orange, 6)), $finish);
    $dull = Films::look(Films::black()->under(Film::of($orange, 6)), $finish);
    expect($dull->hue() - $bright->hue())->toBeGreaterThan(8)
        ->and($dull->chroma())->toBeLessThan($bright->chroma() * 2 / 3);
})->with([SurfaceFinish::Matte, SurfaceFinish::Clear]);

it('never gets yellow over green bright', function (): void {
    $yellow = Film::of(Build::optics('#f0c018', Kind::Opaque), Weight::Medium->wetUm() * Paint::ORDINARY_SOLIDS);
    $green = Films::white()->under(Film::of(Build::optics('#1e4a2a', Kind::Opaque), 40));
    $over = Films::look($green->under($yellow));
    $bright = Films::look(Films::white()->under($yellow));
    expect($bright->chroma() - $over->chroma())->toBeGreaterThan(8)
        ->and($over->hue())->toBeGreaterThan($bright->hue());
});

it('shows nothing of a transparent over black', function (string $hex): void {
    $film = Film::of(Build::optics($hex, Kind::Transparent), 5);
    $seen = static fn(FilmState $state): Lab => Films::look($state, SurfaceFinish::Matte);
    expect(DeltaE2000::between($seen(Films::black()), $seen(Films::black()->under($film))))->toBeLessThan(4);
})->with(['red' => '#c8102e', 'green' => '#1f7a3a', 'blue' => '#1040a0', 'yellow' => '#f5d000']);

it('hides black under two or three coats of white', function (string $hex): void {
    $coats = ceil(Hiding::thicknessUm(Build::optics($hex, Kind::Opaque)) / Kind::Opaque->ordinaryCoatUm());
    expect($coats)->toBeBetween(2, 3);
})->with(['#ffffff', '#f4f4f0', '#f0f1ec']);

it('lets a green through a mist of thinned black, a shade darker', function (string $hex): void {
    $black = Film::of(Build::optics($hex, Kind::Opaque), Weight::Mist->wetUm() * Paint::ORDINARY_SOLIDS * 0.5);
    $green = Films::white()->under(Film::of(Build::optics('#8fbf6a', Kind::Opaque), 40));
    [$before, $after] = [Films::look($green), Films::look($green->under($black))];
    expect($before->l - $after->l)->toBeBetween(4, 32)
        ->and(abs($after->hue() - $before->hue()))->toBeLessThan(15)
        ->and($after->chroma())->toBeGreaterThan($before->chroma() / 2);
})->with(['#0a0a0a', '#141414', '#1e1e1e']);

it('hides anything under an ordinary coat of black', function (string $hex, FilmState $ground): void {
    expect(Films::look($ground->under(Film::of(Build::optics($hex, Kind::Opaque), 10)))->l)->toBeLessThan(12);
})->with(['#0a0a0a', '#141414'])->with(['white' => [Films::white()], 'black' => [Films::black()]]);

it('hides in the film in which a kind hides', function (Kind $kind, string $hex, float $from, float $to): void {
    expect(Hiding::thicknessUm(Films::asSeen($hex, $kind)))
        ->toBeBetween($from, $to);
})->with([
    // Black by itself, strong colours before white, a light one not before it.
    'black' => [Kind::Opaque, '#141414', 4, 5.5],
    'dark green' => [Kind::Opaque, '#1e4a2a', 9, 16],
    'red' => [Kind::Opaque, '#b3202c', 12, 16],
    'orange' => [Kind::Opaque, '#e06a10', 12, 19],
    'blue' => [Kind::Opaque, '#33618e', 12, 16],
    'brown' => [Kind::Opaque, '#6a4524', 9, 16],
    'white' => [Kind::Opaque, '#f4f4f0', 18, 23],
    'yellow' => [Kind::Opaque, '#f5d000', 20, 24],
    'semi-opaque orange' => [Kind::SemiOpaque, '#e06a10', 30, 50],
    'semi-opaque black' => [Kind::SemiOpaque, '#141414', 8, 15],
    'brass' => [Kind::Metallic, '#c9a227', 8, 12],
]);

it('absorbs no more than pigments do, however dark the swatch', function (Kind $kind): void {
    foreach (['#000000', '#050505', '#101030', '#301010', '#103010', '#ffffff', '#ff0000', '#0000ff'] as $hex) {
        // Black carbon: 0.5 to 1.5 per micrometre, see Unmeasured (Bond and Bergstrom 2006).
        expect(max(Build::optics($hex, $kind)->k->values))->toBeLessThan(1.2);
    }
})->with(Kind::cases());

it('turns thin fluorescent orange over black greenish and dull', function (string $hex): void {
    $orange = Film::of(Films::asSeen($hex, Kind::Fluorescent), 6);
    [$bright, $dull] = [Films::look(Films::white()->under($orange)), Films::look(Films::black()->under($orange))];
    expect($dull->hue() - $bright->hue())->toBeGreaterThan(8)->and($dull->chroma())->toBeLessThan($bright->chroma() / 2);
})->with(['#ff6a1a', '#ff8c1a']);

it('turns red pink in wet white', function (): void {
    $white = Build::optics('#f4f4f0', Kind::Opaque);
    $red = Build::optics('#c8102e', Kind::Transparent);
    $set = Films::look(Films::white()->under(Film::of($white, 10))->under(Film::of($red, 5)));
    $wet = Films::look(WetBlend::lay(Films::white(), $white, 10, $red, 5, 0.8));
    expect($wet->l)->toBeGreaterThan($set->l)->and($wet->chroma())->toBeLessThan($set->chroma());
});

it('turns gold over blue olive', function (): void {
    $blue = Films::white()->under(Film::of(Build::optics('#33618e', Kind::Opaque), 20));
    $gold = Build::optics('#d8a520', Kind::SemiOpaque);
    $alone = Films::look(Films::white()->under(Film::of($gold, 7)));
    $olive = Films::look($blue->under(Film::of($gold, 7)));
    expect($olive->hue())->toBeGreaterThan($alone->hue() + 15)
        ->and($olive->hue())->toBeBetween(95, 190)
        ->and($olive->l)->toBeLessThan($alone->l);
});

it('deepens gold with transparent sepia', function (): void {
    $gold = Films::white()->under(Film::of(Build::optics('#d8a520', Kind::Opaque), 30));
    $deeper = $gold->under(Film::of(Build::optics('#6a4524', Kind::Transparent), 4));
    expect(Films::look($deeper)->l)->toBeLessThan(Films::look($gold)->l - 8)
        ->and(Films::look($deeper)->hue())->toBeLessThan(Films::look($gold)->hue());
});

it('brings colours up under clear', function (): void {
    $red = Films::white()->under(Film::of(Build::optics('#b3202c', Kind::Transparent), 6));
    expect(Films::look($red, SurfaceFinish::Clear)->chroma())->toBeGreaterThan(Films::look($red, SurfaceFinish::Matte)->chroma() + 5)
        ->and(Films::look($red, SurfaceFinish::Clear)->l)->toBeLessThan(Films::look($red, SurfaceFinish::Matte)->l);
});

it('dries a light white coat in some minutes, and under a dryer in less than one', function (): void {
    $wet = Weight::Light->wetUm();
    expect(Evaporation::touchDryS($wet, 0.65, Climate::ordinary(), Airflow::still()))->toBeBetween(60, 600)
        ->and(Evaporation::touchDryS($wet, 0.65, Climate::ordinary(), Dryer::hairDryer()->in(Climate::ordinary())))->toBeLessThan(60);
});

it('wants about twenty minutes on top before a mesh', function (): void {
    $touch = Evaporation::touchDryS(9, 0.65, Climate::ordinary(), Dryer::hairDryer()->in(Climate::ordinary()));
    $safe = Evaporation::maskSafeS(9, 0.65, Climate::ordinary(), Dryer::hairDryer()->in(Climate::ordinary()));
    expect($safe - $touch)->toEqualWithDelta(1200, 1);
});

it('reads as itself where an opaque blue is dabbed over black, and not where it is misted', function (): void {
    $blue = Films::asSeen('#33618e', Kind::Opaque);
    $own = Films::look(Films::white()->under(Film::of($blue, 100)));
    $laid = static fn(Tool $tool, Weight $weight): Lab => Films::look(
        Films::black()->under(Film::of($blue, $weight->wetUm($tool) * Paint::ORDINARY_SOLIDS)),
    );
    expect(DeltaE2000::between($laid(Tool::Brush, Weight::Light), $own))->toBeLessThan(3)
        ->and(DeltaE2000::between($laid(Tool::Airbrush, Weight::Mist), $own))->toBeGreaterThan(10);
});

it('lays films as thick as each tool does', function (Tool $tool, float $from, float $to): void {
    expect(Weight::Mist->wetUm($tool))->toBeGreaterThanOrEqual($from)->and(Weight::Heavy->wetUm($tool))->toBeLessThanOrEqual($to);
})->with([[Tool::Airbrush, 4, 28], [Tool::Brush, 30, 80], [Tool::Sponge, 20, 50], [Tool::Pen, 5, 10]]);

it('thins a colour with clear medium, and keeps its hue', function (): void {
    $red = Films::asSeen('#b3202c', Kind::Transparent);
    $mixed = DuncanMixing::mix([[$red, 1.0], [Films::asSeen('#ffffff', Kind::Medium), 3.0]]);
    $quarter = Films::look(Films::white()->under(Film::of($red, 2)));
    expect(DeltaE2000::between(Films::look(Films::white()->under(Film::of($mixed, 8))), $quarter))->toBeLessThan(0.5);
});

it('makes transparent yellow over a mirror gold, not olive', function (): void {
    $chrome = Colour::fromHex('#c4c8ca')->reflectance();
    $mirror = FilmState::ground($chrome->values, Shine::Mirror->glint($chrome));
    $gold = $mirror->under(Film::of(Films::asSeen('#e0b020', Kind::Transparent), 5))->atMirror(SurfaceFinish::Clear);
    expect($gold?->lab->chroma())->toBeGreaterThan(50)->and($gold?->lab->hue())->toBeGreaterThan(80)->toBeLessThan(100)
        ->and(FilmState::ground($chrome->values)->atMirror(SurfaceFinish::Clear))->toBeNull();
});

it('never hides sooner in yellow than in white', function (string $yellow): void {
    // Nothing scatters as titanium white does: plain optics, from memory.
    expect(Hiding::thicknessUm(Films::asSeen($yellow, Kind::Opaque)))
        ->toBeGreaterThan((float) Hiding::thicknessUm(Films::asSeen('#f4f4f0', Kind::Opaque)) - 1e-6);
})->with(['#f5d000', '#ffe14d', '#f2d21b', '#fff04a']);

it('absorbs in black as carbon does, and darkens a light green by about twenty in a mist', function (): void {
    // K about 1.0 per micrometre, between 0.5 and 1.5: Bond and Bergstrom 2006, see Unmeasured.
    $black = Build::optics('#0a0a0a', Kind::Opaque);
    expect($black->k->values[15])->toBeBetween(0.6, 1.2);
    $green = Films::white()->under(Film::of(Build::optics('#8fbf6a', Kind::Opaque), 40));
    expect(Films::look($green)->l - Films::look($green->under(Film::of($black, 0.7)))->l)->toBeBetween(12, 28);
});

it('throws the same glint in one film as in passes', function (Kind $kind, string $hex, int $passes): void {
    $optics = Build::optics($hex, $kind);
    $ground = Films::white();
    for ($pass = 0; $pass < $passes; $pass++) {
        $ground = $ground->under(Film::of($optics, 9 / $passes));
    }
    $one = Films::white()->under(Film::of($optics, 9));
    expect($ground->glint)->toEqualWithDelta($one->glint, 1e-9)->and($ground->r)->toEqualWithDelta($one->r, 1e-9);
})->with([Kind::Metallic, Kind::Pearl, Kind::ColourShift, Kind::Holographic])->with(['#c9a227', '#d8dce0', '#303a60'])->with([2, 5]);

it('sends out no more than any surface does, and nothing where the swatch is black', function (): void {
    $white = Films::white()->under(Film::of(Films::asSeen('#ffffff', Kind::Fluorescent), 40))->colour(SurfaceFinish::Clear)->lab;
    // A radiance factor of 1.6 in every band is L* 119.
    expect($white->l)->toBeLessThan(119.5);
    $black = Films::asSeen('#0a0a0a', Kind::Fluorescent);
    expect(max($black->glow->values ?? [1.0]))->toBeLessThan(0.03);
});

it('shows a colour shift most over black', function (string $hex): void {
    $film = Film::of(Films::asSeen($hex, Kind::ColourShift), 12);
    $change = static function (float $grey) use ($film): float {
        $ground = FilmState::ground(array_fill(0, 31, $grey));
        $shines = $ground->under($film)->atMirror(SurfaceFinish::Clear) ?? throw new \LogicException('It shines.');

        return DeltaE2000::between($ground->colour(SurfaceFinish::Clear)->lab, $shines->lab);
    };
    expect($change(0.02))->toBeGreaterThan(1.5 * $change(0.9))->and($change(0.02))->toBeGreaterThan($change(0.3));
})->with(['#6a3fa0', '#2f8a5a', '#a04a2f']);
