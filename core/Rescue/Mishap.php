<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Rescue;

/** What went wrong with a coat on the bait. How much of it landed is a guess unless the painter says so. */
enum Mishap: string
{
    case TooDark = 'too-dark';
    case TooMuch = 'too-much';
    case TooLarge = 'too-large';
    case Off = 'off';
    case Overspray = 'overspray';
    case Lifted = 'lifted';
    case WrongPaint = 'wrong-paint';
    case Run = 'run';

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(self $mishap): string => $mishap->value, self::cases());
    }

    /** Times the planned film that lie there, where it is not said. */
    public function laid(): float
    {
        return match ($this) {
            self::TooDark, self::TooMuch => 2.0,
            self::Run => 3.0,
            self::TooLarge, self::Off, self::WrongPaint, self::Lifted => 1.0,
            self::Overspray => 0.15,
        };
    }

    /** Whether it lies on top of what was planned there, so that only what is beyond it counts. */
    public function isMore(): bool
    {
        return $this === self::TooDark || $this === self::TooMuch || $this === self::Run;
    }
}
