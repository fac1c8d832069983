<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run\Event;

use Hawkbrush\Core\Air\Fault;
use Hawkbrush\Core\Coat\CoatDocument;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\Recording;

/** Something went wrong, at the air that was set. */
final readonly class FaultMet extends BenchEvent
{
    public static function type(): string
    {
        return 'fault';
    }

    public static function fields(): Fields
    {
        return new Fields(Field::choice('fault', Fault::names()), CoatDocument::fields()->of('psi')->or(null));
    }

    public function applyTo(Recording $record): void
    {
        $record->faults[] = $this->told() + [
            'fault' => $this->data->word('fault'), 'psi' => $this->data->maybe('psi'), 'tried' => [],
        ];
    }
}
