<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step\Prepare;

/** What else there is about a body that its preparation depends on. */
enum Fitting: string
{
    case Seam = 'moulding seam';
    case Rattle = 'rattle chamber';
    case Jointed = 'jointed';
    case FixedEyes = 'fixed eyes';
    case Bill = 'fixed bill';
    case RemovableBill = 'removable bill';
    case RemovableTail = 'removable tail';

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(self $f): string => $f->value, self::cases());
    }
}
