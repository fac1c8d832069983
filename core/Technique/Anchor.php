<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Index;

/** A point of a mark by which it is placed on the bait. */
final readonly class Anchor
{
    /** @param string $what of the mark stands there, as "first bar" */
    public function __construct(public string $what, public float $u, public float $deg) {}

    /** Where it lies on a body, in a sentence for the bench. */
    public function say(Body $body): string
    {
        return ucfirst($this->what).': '.Index::say($body, $this->u, $this->deg);
    }
}
