<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run\Event;

use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\Recording;

/** A photograph was taken. */
final readonly class Photographed extends BenchEvent
{
    public static function type(): string
    {
        return 'photo';
    }

    public static function fields(): Fields
    {
        return new Fields(Field::text('photo_id', 40));
    }

    public function applyTo(Recording $record): void
    {
        $record->photos[] = $this->told() + ['photo_id' => $this->photoId()];
    }

    public function photoId(): string
    {
        return $this->data->text('photo_id');
    }

    public static function afterwards(): bool
    {
        return true;
    }
}
