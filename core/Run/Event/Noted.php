<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run\Event;

use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\Recording;

/** Something to remember of a step. */
final readonly class Noted extends BenchEvent
{
    public static function type(): string
    {
        return 'note';
    }

    public static function fields(): Fields
    {
        return new Fields(Field::text('text', 1000));
    }

    public function applyTo(Recording $record): void
    {
        $record->notes[] = $this->told() + ['text' => $this->text()];
    }

    public function text(): string
    {
        return $this->data->text('text');
    }

    public static function afterwards(): bool
    {
        return true;
    }
}
