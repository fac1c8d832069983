<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run\Event;

use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\Recording;

/** A rejected bait is painted on after all. */
final readonly class BaitTakenBack extends BenchEvent
{
    public static function type(): string
    {
        return 'taken-back';
    }

    public static function fields(): Fields
    {
        return new Fields();
    }

    public function applyTo(Recording $record): void
    {
        $record->rejected = array_diff_key($record->rejected, array_flip($record->reach($this)));
    }
}
