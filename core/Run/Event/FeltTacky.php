<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run\Event;

use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\Recording;
use Hawkbrush\Core\Run\Timer;

/** A coat was felt still tacky when its time was up: it waits on. */
final readonly class FeltTacky extends BenchEvent
{
    public static function type(): string
    {
        return 'tacky';
    }

    public static function fields(): Fields
    {
        return new Fields(Field::number('seconds', 1, 86_400));
    }

    public function applyTo(Recording $record): void
    {
        $record->changeTimers($this, $this->longer(...));
    }

    public function longer(Timer $timer): Timer
    {
        return $timer->longer($this->data->number('seconds'));
    }
}
