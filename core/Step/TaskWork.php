<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Coat\Bounds;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** Work told in words, with its minutes. */
abstract readonly class TaskWork extends BenchWork
{
    /** @throws Refused when the minutes are outside their {@see Bounds} */
    final public function __construct(Head $head, public string $task, public float $minutes)
    {
        Bounds::hold('minutes', $minutes);
        parent::__construct($head);
    }

    final public static function fieldNames(): array
    {
        return ['task', 'minutes'];
    }

    final public static function read(Head $head, Node $document, array $paints): static
    {
        return new static($head, $document->optional('task')?->text(500, true) ?? '', Bounds::optional($document, 'minutes', 0));
    }

    final public function fields(): array
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
