<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

use Hawkbrush\Core\Body\Body;

/** A technique whose marks are placed from something a painter can find with calipers, the same on both sides. */
interface Indexed
{
    /** @return non-empty-list<Anchor> */
    public function anchors(Body $body, Choices $choices): array;
}
