<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run\Event;

use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\Recording;

/** A step is to be done again. */
final readonly class StepReopened extends BenchEvent
{
    public static function type(): string
    {
        return 'reopened';
    }

    public static function fields(): Fields
    {
        return new Fields();
    }

    public function applyTo(Recording $record): void
    {
        foreach ($record->reach($this) as $bait) {
            unset($record->done[$this->stepId][$bait], $record->sides[$this->stepId][$bait]);
        }
    }
}
