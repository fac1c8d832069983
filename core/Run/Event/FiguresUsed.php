<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run\Event;

use Hawkbrush\Core\Coat\CoatDocument;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\Recording;

/** Figures that were really used; those of a trial become those of the coat that it is for. */
final readonly class FiguresUsed extends BenchEvent
{
    public static function type(): string
    {
        return 'figures';
    }

    public static function fields(): Fields
    {
        return new Fields(...array_map(
            static fn(string $name): Field => CoatDocument::fields()->of($name)->or(null),
            ['psi', 'thinning_percent', 'strokes', 'coats'],
        ));
    }

    public function applyTo(Recording $record): void
    {
        $used = array_filter(
            $this->data->all(),
            static fn(mixed $value): bool => \is_int($value) || \is_float($value),
        );
        foreach ($record->withTried($this->stepId) as $step) {
            $record->figures[$step] = [...$record->figures[$step] ?? [], ...$used];
        }
    }
}
