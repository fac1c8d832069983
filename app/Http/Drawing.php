<?php

declare(strict_types=1);

namespace App\Http;

use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** Parameters of a picture: up to which step (null: all), and matte or under clear. */
final readonly class Drawing
{
    private function __construct(public ?string $upto, public SurfaceFinish $finish) {}

    /** @throws Refused when there is no such look */
    public static function asked(Node $node): self
    {
        $upto = $node->optional('upto')?->raw();
        if (\is_array($upto)) {
            throw Refused::at('/upto', 'A step id was expected here.');
        }

        return new self(
            // A step id of digits alone comes out of the query as a number.
            \is_scalar($upto) && $upto !== '' ? (string) $upto : null,
            SurfaceFinish::from($node->optional('look')?->choice(['matte', 'clear']) ?? 'clear'),
        );
    }
}
