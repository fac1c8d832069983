<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run\Event;

use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\Recording;
use Hawkbrush\Core\Run\Timer;

/** Starts a clock for what a step waits for; starting it again resets it. */
final readonly class TimerStarted extends BenchEvent
{
    public static function type(): string
    {
        return 'timer';
    }

    public static function fields(): Fields
    {
        return new Fields(Field::number('seconds', 1, 604_800), Field::text('label', 60, 0)->or(''));
    }

    public function applyTo(Recording $record): void
    {
        $record->changeTimers($this, static fn(): ?Timer => null);
        $record->timers[$this->id] = $this->timer();
    }

    public function timer(): Timer
    {
        return Timer::started($this, $this->data->number('seconds'), $this->data->text('label'));
    }
}
