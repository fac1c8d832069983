<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Technique;

/** How paint is put on: a technique, what is set for it, and the seed of what falls by chance. */
final readonly class PutOn
{
    public function __construct(public Technique $technique, public Choices $choices, public int $seed) {}

    /** With every length on the bait multiplied. */
    public function scaled(float $by): self
    {
        return new self($this->technique, $this->choices->scaled($this->technique, $by), $this->seed);
    }
}
