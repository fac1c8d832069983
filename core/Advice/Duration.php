<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

/** Times in the words of a reason. */
final class Duration
{
    public static function say(float $seconds): string
    {
        return match (true) {
            $seconds < 90 => \sprintf('%d s', ceil($seconds)),
            $seconds < 5400 => \sprintf('%d min', ceil($seconds / 60)),
            default => \sprintf('%.1f h', $seconds / 3600),
        };
    }
}
