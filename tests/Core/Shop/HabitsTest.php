<?php

declare(strict_types=1);

namespace Tests\Core\Shop;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Shop\Habit;
use Hawkbrush\Core\Shop\Habits;

it('follows the first school until another is chosen', function (Habit $habit): void {
    $schools = array_keys($habit->schools());
    expect(\count($schools))->toBeGreaterThan(1)
        ->and(Habits::usual()->of($habit))->toBe($schools[0])
        ->and($habit->question())->toEndWith('?')->and($habit->changes())->toEndWith('.');
    $other = Habits::usual()->with($habit, (string) $schools[1]);
    expect($other->of($habit))->toBe($schools[1])->and($other->differing(Habits::usual()))->toBe([$habit]);
})->with(Habit::cases());

it('reads what it wrote, and refuses schools that there are not', function (): void {
    $habits = Habits::usual()->with(Habit::Thinner, 'reducer')->with(Habit::EyeHeld, 'epoxy');
    expect(Habits::read(Node::root($habits->all())))->toEqual($habits)
        ->and(fn() => Habits::read(Node::root(['thinner' => 'beer'])))->toThrow(fn(Refused $e) => expect($e->pointer)->toBe('/thinner'))
        ->and(fn() => Habits::read(Node::root(['hair' => 'long'])))->toThrow(Refused::class);
});
