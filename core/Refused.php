<?php

declare(strict_types=1);

namespace Hawkbrush\Core;

/**
 * A value that the job cannot work with. The message is fit to show to the painter: what is wrong and what
 * would be right; the pointer (RFC 6901) says where in the given document it stands.
 */
final class Refused extends \DomainException
{
    private function __construct(string $message, public readonly string $pointer)
    {
        parent::__construct($message);
    }

    public static function at(string $pointer, string $message): self
    {
        return new self($message, $pointer);
    }

    public static function because(string $message): self
    {
        return new self($message, '');
    }

    /** The same refusal, met while reading something that itself stands at $pointer. */
    public function below(string $pointer): self
    {
        return new self($this->getMessage(), $pointer.$this->pointer);
    }
}
