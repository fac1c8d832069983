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
use Hawkbrush\Core\Drying\Air;
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
    'black' => [Kind::Opaque, '#141414', 4, 8],
    'dark green' => [Kind::Opaque, '#1e4a2a', 8, 14],
    'red' => [Kind::Opaque, '#b3202c', 8, 14],
    'orange' => [Kind::Opaque, '#e06a10', 8, 14],
    'blue' => [Kind::Opaque, '#33618e', 8, 14],
    'brown' => [Kind::Opaque, '#6a4524', 8, 14],
    'white' => [Kind::Opaque, '#f4f4f0', 18, 25],
    'semi-opaque orange' => [Kind::SemiOpaque, '#e06a10', 25, 45],
    'semi-opaque black' => [Kind::SemiOpaque, '#141414', 15, 25],
    'brass' => [Kind::Metallic, '#c9a227', 8, 12],
]);

it('absorbs no more than pigments do, however dark the swatch', function (Kind $kind): void {
    foreach (['#000000', '#050505', '#101030', '#301010', '#103010', '#ffffff', '#ff0000', '#0000ff'] as $hex) {
        // Black carbon: 0.5 to 1.5 per micrometre, see Unmeasured (Bond and Bergstrom 2006).
        expect(max(Build::optics($hex, $kind)->k->values))->toBeLessThan(1.0);
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
    expect(Evaporation::touchDryS($wet, 0.65, Climate::ordinary(), Air::still()))->toBeBetween(60, 600)
        ->and(Evaporation::touchDryS($wet, 0.65, Climate::ordinary(), Dryer::hairDryer()->in(Climate::ordinary())))->toBeLessThan(60);
});

it('wants about twenty minutes on top before a mesh', function (): void {
    $touch = Evaporation::touchDryS(9, 0.65, Climate::ordinary(), Dryer::hairDryer()->in(Climate::ordinary()));
    expect(Evaporation::maskSafeS(9, 0.65, Climate::ordinary(), Dryer::hairDryer()->in(Climate::ordinary())) - $touch)->toEqualWithDelta(1200, 1);
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
