<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

/** What carries the paint to the bait: it decides how thick a coat comes out. */
enum Tool
{
    case Airbrush;
    case Brush;
    case Sponge;
    case Pen;
    /** Cold dip colour or paint that the bait goes into. */
    case Dip;
    /** Molten vinyl: it loses nothing and sets as it cools. */
    case Melt;
    /** A cut piece laid on whole: a decal, foil. */
    case Sheet;
}
