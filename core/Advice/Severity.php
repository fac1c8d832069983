<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

/** How severe a finding is. */
enum Severity: string
{
    case Stop = 'stop';
    case Caution = 'caution';
    case Hint = 'hint';
}
