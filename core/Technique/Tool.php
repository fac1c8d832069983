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
    /** A cut piece laid on whole: a decal, foil. */
    case Sheet;
}
