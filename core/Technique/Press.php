<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

/** How hard what is used bears on the coat below. Common practice, no published source. */
enum Press
{
    /** Nothing but air and paint. */
    case None;

    /** A brush, a pen, a sponge, a decal: dry to the touch is enough. */
    case Touched;

    /** A stencil, card or punch held by hand: dry to the touch is enough. */
    case Held;

    /** Mesh under clips, on the place that is painted: it prints or lifts what is not dry right through. */
    case Clamped;

    /** Tape rubbed down beside the place that is painted: the same. */
    case Taped;

    /** Whether paint creeps under its edge when there is much of it. */
    public function masks(): bool
    {
        return $this === self::Held || $this->presses();
    }

    /** Whether what lies below must be dry right through. */
    public function presses(): bool
    {
        return $this === self::Clamped || $this === self::Taped;
    }
}
