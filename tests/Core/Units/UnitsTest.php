<?php

declare(strict_types=1);

use Hawkbrush\Core\Units\Unit;
use Hawkbrush\Core\Units\Units;

it('turns units as printed', function (string $measured, string $unit, float $stored, float $shown): void {
    expect(Units::named($measured, $unit)?->show($stored))->toEqualWithDelta($shown, 1e-9);
})->with([
    'NIST SP 811: 40 psi in kPa' => ['pressure', 'kPa', 40, 275.8],
    'NIST SP 811: 40 psi in bar' => ['pressure', 'bar', 40, 2.76],
    'exact: an inch' => ['length', 'in', 25.4, 1.0],
    'exact: water freezes' => ['temperature', 'F', 0, 32.0],
    'exact: a warm room' => ['temperature', 'F', 21, 69.8],
    'common practice, no published source: a drop is 1/20 ml' => ['volume', 'drops', 0.25, 5.0],
]);

it('reads back what it shows', function (string $measured): void {
    foreach (Units::all()[$measured] as $unit) {
        foreach ([0.5, 7.0, 36.5, 120.0] as $stored) {
            $step = 0.5 * 10 ** -$unit->digits / $unit->factor;
            expect($unit->read($unit->show($stored)))->toEqualWithDelta($stored, $step + 1e-9);
        }
    }
})->with(array_keys(Units::all()));

it('stores everything in one unit, which is shown as it is', function (): void {
    foreach (Units::all() as $units) {
        expect($units[0]->factor)->toBe(1.0)
            ->and($units[0]->offset)->toBe(0.0);
    }
});

it('knows no unit by a wrong name', function (): void {
    expect(Units::named('pressure', 'atm'))->toBeNull()
        ->and(Units::named('taste', 'sweet'))->toBeNull()
        ->and(Units::names('taste'))->toBe([])
        ->and(Units::names('pressure'))->toBe(['psi', 'bar', 'kPa'])
        ->and(Unit::of('dozen', 1 / 12, 2)->show(30))->toBe(2.5);
});
