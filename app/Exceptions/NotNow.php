<?php

declare(strict_types=1);

namespace App\Exceptions;

/** What was asked is understood, and cannot be done as things stand. Each kind has a type of its own, listed in docs/problems.md. */
final class NotNow extends \RuntimeException
{
    private function __construct(
        public readonly string $type,
        public readonly string $title,
        string $message,
        public readonly int $status = 409,
    ) {
        parent::__construct($message);
    }

    public static function runFinished(): self
    {
        return new self('run-finished', 'This run is finished', 'This run is finished; its record is closed. Only notes and photographs can still be added.');
    }

    public static function runNotStarted(): self
    {
        return new self('run-not-started', 'This run has not been started', 'This run has not been started. Start it from its plan first.');
    }

    public static function runStarted(): self
    {
        return new self('run-started', 'This run has been started', 'This run has been started; its record stays. Only a plan that was never started can be deleted.');
    }

    public static function baitNotFinished(): self
    {
        return new self(
            'bait-not-finished',
            'This bait is not finished',
            'This bait is not finished yet. Finish its run at the bench first.',
        );
    }

    public static function notProven(): self
    {
        return new self('not-stamped', 'There is no stamp', 'There is no stamp on this to take off.');
    }

    public static function fittedCopy(): self
    {
        return new self(
            'fitted-copy',
            'This copy belongs to its run',
            'This copy was fitted for one run and stays as it was planned. “Go on from this version” makes one that can be changed.',
        );
    }

    public static function notBackedUp(string $why): self
    {
        return new self('not-backed-up', 'There is no backup', $why.' What is kept is untouched.', 507);
    }

    /** @param list<string> $names */
    public static function usedSince(array $names): self
    {
        return new self('used-since', 'This cannot be undone any more', 'Changed or used since the table was brought in: '.implode(', ', $names).'. Nothing was undone; put these right by hand.');
    }

    public static function noInstrument(string $name): self
    {
        return new self('no-instrument', 'There is no such instrument', "No {$name} is set up. docs/instruments.md says how.");
    }

    public static function rackChanging(): self
    {
        return new self('rack-changing', 'The rack is being changed', 'Others keep changing the same bottles, so the table was not imported. Try again when they are done.');
    }

    public static function photographLost(): self
    {
        return new self(
            'photograph-lost',
            'This photograph is lost',
            'Hawkbrush knows of this photograph, but its file is gone from the folder “photos” of its data. Put it back from a backup.',
            404,
        );
    }
}
