<?php

declare(strict_types=1);

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\CoatDocument;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Handle\Handle;
use Hawkbrush\Core\Handle\Handles;
use Hawkbrush\Core\Handle\SurfacePoint;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Techniques;

// A handle and the figures it moves belong together: what is set by one stands in the other.

function heldBody(): Body
{
    return Body::read(Node::root(Examples::body() + ['marks' => ['gill_u' => 0.24, 'eye_u' => 0.12]]));
}

/** @param array<string, mixed> $fields */
function heldCoat(array $fields): Coat
{
    $paint = Paint::read('any', Node::root(['name' => 'Any', 'hex' => '#202020', 'kind' => 'opaque']));

    return CoatDocument::read('held', Node::root($fields + [
        'mix' => [['paint' => 'any']], 'technique' => ['name' => 'spray'], 'where' => ['zone' => 'whole'], 'aim_deg' => 90,
    ]), ['any' => $paint]);
}

/** @param array<string, mixed> $set */
function heldWith(Coat $coat, array $set): Coat
{
    return heldCoat([...CoatDocument::write($coat), ...$set]);
}

function heldHandle(Coat $coat, string $id): Handle
{
    foreach (Handles::of($coat, heldBody()) as $handle) {
        if ($handle->id === $id) {
            return $handle;
        }
    }
    throw new LogicException("no handle {$id}");
}

/** Whatever can be repeated is repeated, so that every handle is there. */
function heldFully(Technique $technique): Coat
{
    $more = [];
    foreach ($technique->settings() as $setting) {
        $more += match ($setting->name) {
            'rows' => ['rows' => 3, 'rows_mm' => 2.0],
            'times' => ['times' => 3],
            'slant_mm' => ['slant_mm' => 2.0],
            default => [],
        };
    }

    return heldCoat([
        'technique' => ['name' => $technique->name()] + $more,
        'where' => ['zone' => $technique instanceof Placed ? 'whole' : 'flank'],
        'width_mm' => 6,
    ]);
}

dataset('every handle', static function (): Generator {
    foreach (Techniques::all() as $technique) {
        foreach (Handles::of(heldFully($technique), heldBody()) as $handle) {
            yield "{$handle->id} of {$technique->name()}" => [heldFully($technique), $handle->id];
        }
    }
});

it('changes nothing where it is left where it is', function (Coat $coat, string $id): void {
    $handle = heldHandle($coat, $id);
    $after = heldHandle(heldWith($coat, $handle->movedTo($handle->u, $handle->deg)), $id);
    [$back, $down] = (new SurfacePoint(heldBody(), $handle->u, $handle->deg))->to(new SurfacePoint(heldBody(), $after->u, $after->deg));
    expect(hypot($back, $down))->toBeLessThan(0.15);
})->with('every handle');

it('goes so far as it is pushed', function (Coat $coat, string $id): void {
    $handle = heldHandle($coat, $id);
    expect($handle->along || $handle->around)->toBeTrue();
    foreach ([[$handle->along, 1.0, 0.0], [$handle->around, 0.0, 1.0]] as [$moves, $back, $down]) {
        // At the ends of the body there is no farther.
        if (! $moves || $handle->u < 0.05 || $handle->u > 0.95 || $handle->deg < 10 || $handle->deg > 160) {
            continue;
        }
        $after = heldHandle(heldWith($coat, Handles::nudge($coat, heldBody(), $id, $back, $down)), $id);
        [$came, $fell] = (new SurfacePoint(heldBody(), $handle->u, $handle->deg))->to(new SurfacePoint(heldBody(), $after->u, $after->deg));
        // What opens by whole degrees moves by these.
        $off = in_array($id, ['end', 'spread', 'aim'], true) ? 0.9 : 0.3;
        expect($handle->along ? $came : $back)->toEqualWithDelta($back, $off)
            ->and($handle->around ? $fell : $down)->toEqualWithDelta($down, $off);
    }
})->with('every handle');

it('says where it stands in words', function (Coat $coat, string $id): void {
    expect(heldHandle($coat, $id)->says)->not->toBe('')->and(heldHandle($coat, $id)->what)->not->toBe('');
})->with('every handle');

it('goes to a mark of the body that is near, unless it is moved freely', function (): void {
    $coat = heldCoat(['technique' => ['name' => 'spot', 'u' => 0.5, 'deg' => 70]]);
    // Half a millimetre behind the gill edge at 15.6 mm, and a little above the midline.
    $near = [(0.24 * 65 + 0.5) / 65, 88.0];
    $snapped = Handles::move($coat, heldBody(), 'mark', $near[0], $near[1], true)['technique'];
    expect($snapped['u'])->toEqualWithDelta(0.24, 1e-4)->and($snapped['deg'])->toBe(90.0)
        ->and(heldHandle(heldWith($coat, ['technique' => $snapped]), 'mark')->says)->toBe('at the gill edge, on the midline');
    $free = Handles::move($coat, heldBody(), 'mark', $near[0], $near[1], false)['technique'];
    expect($free['u'] * 65)->toEqualWithDelta(16.1, 0.051)->and($free['deg'])->toBe(88.0);
});

it('makes a range of a zone that is pulled, its other edges where they were', function (): void {
    $coat = heldCoat(['where' => ['zone' => 'shoulder', 'side' => 'left']]);
    $was = $coat->place->extent(heldBody());
    $where = Handles::move($coat, heldBody(), 'place lower', 0.5, 80.0, false)['where'];
    expect($where['to_deg'])->toBe(80.0)->and($where['from_deg'])->toBe($was->fromDeg)->and($where['side'])->toBe('left')
        ->and($where['from_u'])->toEqualWithDelta($was->fromU, 0.001)->and($where['to_u'])->toBe(1.0);
});

it('keeps an edge from crossing the one across', function (): void {
    $coat = heldCoat(['where' => ['from_u' => 0.3, 'to_u' => 0.6, 'from_deg' => 40, 'to_deg' => 90]]);
    expect(Handles::move($coat, heldBody(), 'place front', 0.9, 60.0, false)['where']['from_u'])->toBeLessThan(0.6)
        ->and(Handles::move($coat, heldBody(), 'place upper', 0.4, 170.0, false)['where']['from_deg'])->toBeLessThan(90);
});

it('has none of a mask that is on another step, and none by a name nobody has', function (): void {
    Handles::move(heldCoat([]), heldBody(), 'mark', 0.5, 90.0, false);
})->throws(Refused::class, 'no handle “mark”');

it('takes hold of a place that cuts marks off only where it does', function (): void {
    $ids = static fn(Coat $coat): array => array_map(static fn(Handle $handle): string => $handle->id, Handles::of($coat, heldBody()));
    expect($ids(heldCoat(['technique' => ['name' => 'spot']])))->not->toContain('place front')
        ->and($ids(heldCoat(['technique' => ['name' => 'spot'], 'where' => ['zone' => 'flank']])))->toContain('place front')
        ->and($ids(heldCoat(['technique' => ['name' => 'brush'], 'where' => ['zone' => 'flank']])))->not->toContain('aim');
});

// Common practice, no published source.
it('aims where a painter would for each place', function (array $where, ?float $deg): void {
    expect(heldCoat(['where' => $where])->place->usualAimDeg())->toBe($deg);
})->with([
    'all of it is turned' => [['zone' => 'whole'], null],
    'the back from above' => [['zone' => 'back'], 0.0],
    'the flank from the side' => [['zone' => 'flank'], 90.0],
    'the throat from below' => [['zone' => 'throat'], 180.0],
    'the belly from below' => [['zone' => 'belly'], 180.0],
    'a range on the back' => [['from_u' => 0, 'to_u' => 1, 'from_deg' => 0, 'to_deg' => 40], 0.0],
    'a range on the side' => [['from_u' => 0, 'to_u' => 1, 'from_deg' => 70, 'to_deg' => 120], 90.0],
    'a range all round' => [['from_u' => 0, 'to_u' => 0.3, 'from_deg' => 0, 'to_deg' => 180], null],
]);

it('is a range that reaches as far as the zone it is made of', function (): void {
    foreach (['back', 'shoulder', 'belly', 'gill plate', 'tail'] as $zone) {
        $place = heldCoat(['where' => ['zone' => $zone]])->place;
        $range = $place->asRange(heldBody());
        foreach ([[0.1, 20], [0.5, 50], [0.5, 170], [0.95, 90]] as [$u, $deg]) {
            $held = $place->extent(heldBody())->at($u, $deg) > 0.5;
            expect($range->extent(heldBody())->at($u, $deg) > 0.5)->toBe($held, "{$zone} at {$u}, {$deg}");
        }
    }
});
