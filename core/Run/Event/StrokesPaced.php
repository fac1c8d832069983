<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run\Event;

use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\Recording;

/** Strokes made to the bench's beat: how many on a side, and the seconds of each. */
final readonly class StrokesPaced extends BenchEvent
{
    public static function type(): string
    {
        return 'paced';
    }

    public static function fields(): Fields
    {
        return new Fields(Field::whole('strokes', 1, 200), Field::number('seconds', 0.3, 10));
    }

    public function applyTo(Recording $record): void
    {
        $record->paced[$this->stepId] = [
            'strokes' => $this->data->whole('strokes'),
            'seconds' => $this->data->number('seconds'),
        ];
    }
}
