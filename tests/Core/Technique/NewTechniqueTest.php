<?php

declare(strict_types=1);

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Press;
use Hawkbrush\Core\Technique\Technique;

it('tells in docs/technique.md how one is added, with an example that works', function (): void {
    $page = (string) file_get_contents(__DIR__.'/../../../docs/technique.md');
    expect(preg_match('/```php\n(.*?)```/s', $page, $code))->toBe(1);
    eval("use Hawkbrush\\Core\\Body\\Surface; use Hawkbrush\\Core\\Technique\\{Cells, Choices, OpenSpray, Parameter, Stencil};\n".$code[1]);
    $stripe = new Stripe();
    assert($stripe instanceof Technique);
    $surface = Surface::of(Body::read(Node::root(Examples::body())), 128, 64);
    $through = $stripe->through(
        $surface,
        Choices::read($stripe, Node::root(['at_mm' => 30, 'width_mm' => 4])),
        1,
        OpenSpray::everywhere($surface),
    );
    $us = array_map(static fn(int $cell): float => $surface->u[$cell % $surface->columns] * $surface->body->lengthMm, array_keys($through));
    expect(min($us))->toEqualWithDelta(28, 0.6)->and(max($us))->toEqualWithDelta(32, 0.6)
        ->and($stripe->press())->toBe(Press::Held)->and($stripe->mirrored())->toBeTrue();
});
