<?php

declare(strict_types=1);

namespace App\Present;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Exchange\PaintReader;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Step\Paint\CoatDocument;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Techniques;

/** What each way of putting paint on leaves on a body, with the figures it starts from. */
final class TechniqueView
{
    /** @return list<array{name: string, cover: string}> */
    public static function all(Body $body): array
    {
        $surface = Surface::of($body, CoverView::COLUMNS, CoverView::ROWS * 2);
        // Any paint will do: only where it lands is drawn.
        $paint = PaintReader::paint('any', Node::root(['name' => 'Any', 'hex' => '#202020', 'kind' => 'opaque']));

        return array_map(static fn(Technique $technique): array => [
            'name' => $technique->name(),
            'cover' => CoverView::of(Coverage::land(CoatDocument::read('drawn', Node::root([
                'mix' => [['paint' => 'any']],
                'technique' => ['name' => $technique->name()],
                'where' => ['zone' => $technique instanceof Placed ? 'whole' : 'flank'],
                'aim_deg' => 90,
            ]), ['any' => $paint]), $surface)->left),
        ], Techniques::all());
    }
}
