<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run\Event;

use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\Recording;
use Hawkbrush\Core\Run\Timer;

/** A bait is painted no further. What was rejected need not dry. */
final readonly class BaitRejected extends BenchEvent
{
    public static function type(): string
    {
        return 'rejected';
    }

    public static function fields(): Fields
    {
        return new Fields(Field::text('reason', 200));
    }

    public function applyTo(Recording $record): void
    {
        foreach ($record->reach($this) as $bait) {
            $record->rejected[$bait] = $this->data->text('reason');
        }
        $record->timers = array_filter(
            $record->timers,
            static fn(Timer $timer): bool => ! isset($record->rejected[$timer->bait ?? 0]),
        );
    }
}
