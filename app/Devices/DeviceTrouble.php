<?php

declare(strict_types=1);

namespace App\Devices;

/** An instrument did not answer, or not with what was asked. The message is fit to show. */
final class DeviceTrouble extends \RuntimeException
{
    /** @param int|null $retryAfterS when it is worth to ask again; null: when somebody has seen to it */
    public function __construct(
        string $message,
        public readonly ?int $retryAfterS = null,
        public readonly string $type = 'instrument-silent',
    ) {
        parent::__construct($message);
    }

    public static function busy(string $name): self
    {
        return new self("The {$name} is being read from another page. Read again in a moment.", 1, 'instrument-busy');
    }

    public static function resting(string $name, int $seconds): self
    {
        return new self("The {$name} failed several times; it is asked again in {$seconds} s. Is it switched on and its driver running?", $seconds);
    }
}
