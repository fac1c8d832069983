<?php

declare(strict_types=1);

namespace Tests\Core\Technique;

// Every setting of every technique, at both its ends and on bodies of all sizes.

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\Indexed;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Techniques;

/** A lure of that length, a fifth as deep. */
function lureOf(float $mm): Surface
{
    return Surface::of(Body::read(Node::root([
        'length_mm' => $mm, 'exponent' => 2,
        'stations' => [[0, $mm / 60, $mm / 60, $mm / 60], [0.4, $mm / 10, $mm / 10, $mm / 16], [1, $mm / 60, $mm / 60, $mm / 60]],
        'marks' => ['gill_u' => 0.25],
    ])), 96, 48);
}

/**
 * @param array<string, mixed> $set
 *
 * @return array<int, float>
 */
function throughOf(Technique $technique, Surface $surface, array $set): array
{
    return $technique->through($surface, Choices::read($technique, Node::root($set)), 5, OpenSpray::everywhere($surface));
}

/** @return list<array{Technique, Parameter}> */
function allSettings(): array
{
    $all = [];
    foreach (Techniques::all() as $technique) {
        foreach ($technique->settings() as $setting) {
            $all["{$technique->name()}: {$setting->name}"] = [$technique, $setting];
        }
    }

    return $all;
}

/** @return list<float|string> other values than the ordinary one */
function othersThan(Parameter $setting): array
{
    if ($setting->outline !== '') {
        return ['M0 0L30 0L30 12L0 12Z'];
    }
    if ($setting->choices !== []) {
        return \array_slice($setting->choices, 1);
    }
    $span = $setting->max - $setting->min;

    return array_values(array_filter(
        [$setting->min + 0.15 * $span, $setting->min + 0.4 * $span, $setting->min + 0.75 * $span],
        static fn(float $v): bool => abs($v - $setting->default) > 0.02 * $span,
    ));
}

it('does something: no setting is without effect', function (Technique $technique, Parameter $setting): void {
    $surface = lureOf(70);
    // Some settings show only beside others: a free core in a ring that is large enough, a turn of what is no circle.
    $with = [
        'punch' => [
            'shape' => 'drop',
            'long_mm' => 12,
        ],
        'circles' => ['diameter_mm' => 9, 'rows' => 3], 'soft dots' => ['rows' => 3], 'outline' => ['times' => 3],
        'mesh' => ['patches' => 0.4],
        'spot' => ['diameter_mm' => 12], 'line' => ['width_mm' => 3],
        'bars' => ['width_mm' => 6], 'tape' => ['top_deg' => 40, 'from_u' => 0.2, 'to_u' => 0.8],
    ][$technique->name()] ?? [];
    unset($with[$setting->name]);
    $ordinary = throughOf($technique, $surface, $with);
    foreach (othersThan($setting) as $value) {
        expect(throughOf($technique, $surface, [$setting->name => $value] + $with))->not->toBe($ordinary, "{$setting->name} at {$value}");
    }
})->with(allSettings());

it('lets through a share and no more at both ends of each setting, on any body', function (
    Technique $technique,
    Parameter $setting,
    float $mm,
): void {
    $surface = lureOf($mm);
    $ends = $setting->outline !== ''
        ? [$setting->outline]
        : ($setting->choices !== [] ? $setting->choices : [$setting->min, $setting->max]);
    foreach ($ends as $end) {
        $through = throughOf($technique, $surface, [$setting->name => $end]);
        expect(array_filter($through, static fn(float $share): bool => ! ($share >= 0 && $share <= 1 + 1e-9)))->toBe([])
            ->and(array_filter(array_keys($through), static fn(int $cell): bool => $cell < 0 || $cell >= 2 * 96 * 24))->toBe([]);
    }
})->with(allSettings())->with([22.0, 260.0]);

it('says of each setting what it is, in words and with its unit', function (Technique $technique, Parameter $setting): void {
    expect($setting->label)->toMatch('/^[A-Z]/')
        ->and($setting->name)->toMatch('/^[a-z0-9_]+$/')
        ->and(
            str_ends_with($setting->name, '_mm') && $setting->choices === [] && $setting->outline === ''
                ? str_contains($setting->unit, 'mm') || $setting->scales
                : true,
        )->toBeTrue()
        ->and(str_ends_with($setting->name, '_u') ? $setting->unit : 'of length')->toBe('of length');
})->with(allSettings());

it('takes up as much of a larger body when its lengths are scaled with it', function (Technique $technique): void {
    [$small, $large] = [lureOf(60), lureOf(120)];
    $choices = Choices::read($technique, Node::root([]));
    $share = static function (Surface $surface, Choices $set) use ($technique): float {
        $sum = 0.0;
        foreach ($technique->through($surface, $set, 5, OpenSpray::everywhere($surface)) as $cell => $part) {
            $sum += $part * ($surface->areaMm2[$cell] ?? 0.0);
        }

        return $sum / array_sum($surface->areaMm2);
    };
    $before = $share($small, $choices);
    // Soft edges have a least width of their own, and chance falls otherwise on other bodies.
    expect($share($large, $choices->scaled($technique, 2)))->toEqualWithDelta($before, 0.35 * $before + 0.01);
})->with(array_map(static fn(Technique $t): array => [$t], array_values(array_filter(
    Techniques::all(),
    static fn(Technique $t): bool => array_filter(
        $t->settings(),
        static fn(Parameter $s): bool => str_starts_with($s->name, 'per_'),
    ) === [],
))));

it('says at the bench how it is done, unless the aim says it all', function (Technique $technique): void {
    expect($technique->name() === 'spray' ? 'Done.' : $technique->how())->toMatch('/\.$/')
        ->and($technique->label())->toMatch('/^[A-Z]/')
        // What is pressed on or cut can be held against the body; what comes by hand alone needs no dry coat below.
        ->and($technique instanceof Cut && ! $technique instanceof Indexed)->toBeFalse();
})->with(array_map(static fn(Technique $t): array => [$t], Techniques::all()));

it('has no two settings of one name in one technique', function (Technique $technique): void {
    $shown = array_map(
        static fn(Parameter $one): string => $one->label.($one->unit === '' ? '' : ", {$one->unit}"),
        $technique->settings(),
    );
    expect(array_unique($shown))->toBe($shown);
})->with(fn(): array => array_map(static fn(Technique $technique): array => [$technique], Techniques::all()));
