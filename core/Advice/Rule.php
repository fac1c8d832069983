<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

/** One thing that can go wrong: what it looks at, when it speaks, and what mends it. */
interface Rule
{
    public function name(): string;

    /** @return list<Finding> */
    public function check(Painted $painted): array;
}
