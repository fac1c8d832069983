<?php

declare(strict_types=1);

namespace App\Exceptions;

/** An edit made on an outdated revision; carries both sides so that neither is lost. */
final class Conflict extends \RuntimeException
{
    public function __construct(string $message, public readonly mixed $current, public readonly mixed $yours)
    {
        parent::__construct($message);
    }
}
