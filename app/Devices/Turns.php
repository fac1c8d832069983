<?php

declare(strict_types=1);

namespace App\Devices;

/**
 * Lets callers speak with an instrument one at a time, and none for a while after it has failed again and again: it is on
 * their time that is waited for it. Kept in files, as the callers are processes of their own.
 */
final readonly class Turns
{
    private const WAIT_MS = 300;

    private const FAILURES = 3;

    private const REST_S = 15;

    /** @param string $folder where the turns are kept; where it cannot be written to, nobody waits and nothing is remembered */
    public function __construct(private string $folder) {}

    /**
     * @param callable(): string $speak throws {@see DeviceTrouble} when the instrument fails
     *
     * @throws DeviceTrouble
     */
    public function take(string $name, callable $speak): string
    {
        $file = @fopen("{$this->folder}/.{$name}.turn", 'c+');
        if ($file === false) {
            return $speak();
        }
        $this->wait($file, $name);
        [$failures, $until] = array_map(intval(...), explode(' ', trim((string) stream_get_contents($file)))) + [0, 0];
        $rest = $until - time();
        // A clock that was set back would have it rest for years.
        if ($rest > 0 && $rest <= self::REST_S) {
            throw DeviceTrouble::resting($name, $rest);
        }
        try {
            $answer = $speak();
            $failures === 0 || self::keep($file, 0, 0);

            return $answer;
        } catch (DeviceTrouble $e) {
            self::keep($file, $failures + 1, $failures + 1 >= self::FAILURES ? time() + self::REST_S : 0);
            throw $e;
        } finally {
            fclose($file);
        }
    }

    /** @param resource $file */
    private function wait($file, string $name): void
    {
        for ($ms = 0; ! flock($file, LOCK_EX | LOCK_NB); $ms += 20) {
            if ($ms >= self::WAIT_MS) {
                throw DeviceTrouble::busy($name);
            }
            usleep(20_000);
        }
    }

    /** @param resource $file */
    private static function keep($file, int $failures, int $until): void
    {
        ftruncate($file, 0);
        rewind($file);
        fwrite($file, "{$failures} {$until}");
    }
}
