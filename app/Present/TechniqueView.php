<?php

declare(strict_types=1);

namespace App\Present;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\CoatDocument;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Techniques;

/** What each way of putting paint on leaves on a body, with the figures it starts from. */
final class TechniqueView
{
    /** @return list<array{name: string, cover: string}> */
    public static function all(Body $body): array
    {
        return array_map(static fn(Technique $technique): array => [
            'name' => $technique->name(),
            'cover' => self::cover($body, ['name' => $technique->name()], $technique instanceof Placed ? 'whole' : 'flank'),
        ], Techniques::all());
    }

    /** @param array<mixed> $technique as in a step */
    public static function cover(Body $body, array $technique, string $zone = 'whole', int $seed = 1): string
    {
        // Any paint will do: only where it lands is drawn.
        $paint = Paint::read('any', Node::root(['name' => 'Any', 'hex' => '#202020', 'kind' => 'opaque']));
        $coat = CoatDocument::read('drawn', Node::root([
            'mix' => [['paint' => 'any']], 'technique' => $technique, 'where' => ['zone' => $zone], 'aim_deg' => 90, 'seed' => $seed,
        ]), ['any' => $paint]);

        return CoverView::of(Coverage::land($coat, Surface::of($body, CoverView::COLUMNS, CoverView::ROWS * 2))->left);
    }
}
