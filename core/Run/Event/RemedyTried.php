<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run\Event;

use Hawkbrush\Core\Air\Cause;
use Hawkbrush\Core\Air\Fault;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\Recording;

/** What was tried against a fault, and whether it helped. It belongs to the latest fault of its name on that step. */
final readonly class RemedyTried extends BenchEvent
{
    public static function type(): string
    {
        return 'tried';
    }

    public static function fields(): Fields
    {
        return new Fields(
            Field::choice('fault', Fault::names()), Field::choice('cause', Cause::names()), Field::flag('helped'),
        );
    }

    public function applyTo(Recording $record): void
    {
        $fault = $this->data->word('fault');
        foreach (array_reverse($record->faults, true) as $at => $one) {
            if ($one['step'] === $this->stepId && $one['fault'] === $fault) {
                $one['tried'][] = ['cause' => $this->data->word('cause'), 'helped' => $this->data->flag('helped')];
                $record->faults = array_values(array_replace($record->faults, [$at => $one]));

                return;
            }
        }
    }
}
