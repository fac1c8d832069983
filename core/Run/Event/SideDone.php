<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run\Event;

use Hawkbrush\Core\Coat\Place;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\Recording;

/** A side of a bait is done, or is not after all. */
final readonly class SideDone extends BenchEvent
{
    public static function type(): string
    {
        return 'side';
    }

    public static function fields(): Fields
    {
        return new Fields(Field::choice('side', Place::SIDES), Field::flag('done')->or(true));
    }

    public function applyTo(Recording $record): void
    {
        foreach ($record->reach($this) as $bait) {
            $record->sides[$this->stepId][$bait][$this->data->word('side')] = $this->data->flag('done');
        }
    }
}
