<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Pattern;

/** One entry of a recipe: a {@see PaintStep}, {@see BenchStep}, {@see EyeStep} or {@see ClearStep}. */
abstract readonly class Step
{
    public function __construct(public string $id, public string $title, public bool $on, public string $check) {}

    abstract public function type(): string;
}
