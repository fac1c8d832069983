<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

/** How grave a finding is. */
enum Gravity: string
{
    case Stop = 'stop';
    case Caution = 'caution';
    case Hint = 'hint';
}
