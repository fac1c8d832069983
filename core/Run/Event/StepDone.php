<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run\Event;

use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\Recording;

/** A step is done on a bait, or on all. */
final readonly class StepDone extends BenchEvent
{
    public static function type(): string
    {
        return 'done';
    }

    public static function fields(): Fields
    {
        return new Fields();
    }

    public function applyTo(Recording $record): void
    {
        foreach ($record->reach($this) as $bait) {
            $record->done[$this->stepId][$bait] = true;
        }
    }
}
