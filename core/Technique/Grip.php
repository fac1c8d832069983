<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

/** What a setting is on the bait, so that it can be taken hold of there, whatever it is called. */
enum Grip
{
    /** Share of the body's length at which a mark stands. */
    case Along;

    /** Degrees from the back at which a mark or a row stands. */
    case Around;

    /** The two ends of a row or band, shares of the body's length. */
    case Front;
    case Rear;

    /** Its upper and lower edge, degrees from the back. */
    case Upper;
    case Lower;

    /** Length in mm, of a fin from its root, of any other mark over its middle. */
    case LengthFromRoot;
    case LengthOverMiddle;

    /** Degrees by which the mark is turned down. */
    case Turn;

    /** Degrees by which a fin opens. */
    case Spread;

    case Diameter;

    /** Width in mm along the bait (bars, edges), or around it (lines). */
    case WidthAlong;
    case WidthAround;

    /** Mm behind the edge that is followed. */
    case Behind;

    /** Mm between rows, and how many there are. */
    case RowsApart;
    case Rows;

    /** Mm to where a stencil is laid again, and how often it is laid. */
    case Again;
    case Times;

    /** Mm by which a tape falls over the length of the bait. */
    case Fall;

    /** Mm by which the lower end of a bar stands farther back. */
    case Lean;

    /** Whether it is a share of the body's length. */
    public function alongBody(): bool
    {
        return \in_array($this, [self::Along, self::Front, self::Rear], true);
    }
}
