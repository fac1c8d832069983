<?php

declare(strict_types=1);

namespace App\Photos;

use Hawkbrush\Core\Refused;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/** Re-encodes a photograph in a child process with limits on time and memory, so that a hostile file cannot stop the server. */
final readonly class RedrawApart
{
    /** @param int $kilobytes of address space; a photograph of 60 megapixels takes about half of what is given */
    public function __construct(private int $seconds = 8, private int $kilobytes = 1_200_000) {}

    /**
     * @return array{width: int, height: int} of what was written
     *
     * @throws Refused when it is no photograph that can be read
     */
    public function file(string $from, string $to): array
    {
        $php = (new PhpExecutableFinder())->find(false);
        $bounded = [
            'sh',
            '-c',
            'ulimit -v "$1" && ulimit -t "$2" && shift 2 && exec "$@"',
            'sh',
            (string) $this->kilobytes,
            (string) $this->seconds,
        ];
        $process = new Process([...$bounded,
            $php === false ? 'php' : $php, '-d', 'memory_limit=-1', '-d', 'opcache.enable_cli=0', __DIR__.'/redraw-photo.php', $from, $to]);
        $process->setTimeout(2 * $this->seconds);
        try {
            $process->run();
        } catch (ProcessTimedOutException) {
            // Reported below like a process stopped by its limits.
        }
        $answer = json_decode($process->getOutput(), true);
        if (\is_string($answer) && $answer !== '') {
            throw Refused::at('/photo', $answer);
        }
        if ($answer === '') {
            // It was read and could not be written: the place is at fault, not the photograph.
            return ['width' => 0, 'height' => 0];
        }
        if (! \is_array($answer) || ! \is_int($answer['width'] ?? null) || ! \is_int($answer['height'] ?? null)) {
            throw Refused::at(
                '/photo',
                'This photograph takes too long or too much memory to be read. Save it as an ordinary JPEG, or make it smaller first.',
            );
        }

        return ['width' => $answer['width'], 'height' => $answer['height']];
    }
}
