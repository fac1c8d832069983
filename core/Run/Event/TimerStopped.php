<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run\Event;

use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\Recording;
use Hawkbrush\Core\Run\Timer;

/** A clock is stopped. */
final readonly class TimerStopped extends BenchEvent
{
    public static function type(): string
    {
        return 'timer-stopped';
    }

    public static function fields(): Fields
    {
        return new Fields();
    }

    public function applyTo(Recording $record): void
    {
        $record->changeTimers($this, static fn(): ?Timer => null);
    }
}
