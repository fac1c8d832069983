<?php

declare(strict_types=1);

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Measure;
use Hawkbrush\Core\Body\Shape;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

it('makes a body of any length that can be measured, kept and read again', function (float $lengthMm): void {
    foreach (Shape::all() as $shape) {
        $body = $shape->body('a shape', $lengthMm);
        expect(Body::read(Node::root($body->document()))->document())->toBe($body->document(), $shape->name)
            ->and(Measure::volumeMm3($body))->toBeGreaterThan(0.0);
    }
})->with([5.0, 28.0, 90.0, 300.0, 1000.0]);

it('is twice as long, four times the area and eight times the volume', function (): void {
    foreach (Shape::all() as $shape) {
        [$one, $two] = [$shape->body('one', 100), $shape->body('two', 200)];
        expect(Measure::areaMm2($two) / Measure::areaMm2($one))->toEqualWithDelta(4, 0.01)
            ->and(Measure::volumeMm3($two) / Measure::volumeMm3($one))->toEqualWithDelta(8, 0.02);
    }
});

it('has names that are told apart, and refuses one that is none', function (): void {
    expect(array_unique(array_column(Shape::all(), 'name')))->toHaveCount(6)
        ->and(Shape::named('minnow')->usualMm)->toBe(90.0)
        ->and(Shape::named('minnow')->called(89.6))->toBe('Minnow 90')
        ->and(fn(): Shape => Shape::named('brick'))->toThrow(Refused::class, 'One of round crankbait');
});

// Common practice, no published source: a lipless jerkbait has no bill, a glide bait one joint, a crankbait two hooks.
it('has the fittings of its kind', function (): void {
    $marks = static fn(string $name) => Shape::named($name)->body('x', 100)->marks;
    expect($marks('jerkbait')->billLengthMm)->toBeNull()
        ->and($marks('glide bait')->jointsU)->toHaveCount(1)
        ->and($marks('round crankbait')->billLengthMm)->toBeGreaterThan(10)
        ->and($marks('round crankbait')->hooksU)->toHaveCount(2);
});
