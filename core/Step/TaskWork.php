<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Coat\Setting;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Node;

/** Work told in words, with its minutes. */
abstract readonly class TaskWork extends BenchWork
{
    final public function __construct(Head $head, public string $task, public float $minutes)
    {
        parent::__construct($head);
    }

    final public static function fields(): Fields
    {
        return new Fields(Field::text('task', 500, 0)->or(''), Field::number('minutes', 0, Setting::MOST_MINUTES)->or(0));
    }

    final public static function read(Head $head, Node $document, array $paints): static
    {
        $in = self::fields()->among($document);

        return new static($head, $in->text('task'), $in->number('minutes'));
    }

    final public function document(): array
    {
        return ['task' => $this->task, 'minutes' => $this->minutes];
    }

    final public static function figures(): array
    {
        return [];
    }

    final public function asUsed(array $figures): static
    {
        return $this;
    }

    final public function triesNextCoat(): bool
    {
        return false;
    }
}
