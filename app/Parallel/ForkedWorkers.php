<?php

declare(strict_types=1);

namespace App\Parallel;

use Hawkbrush\Core\Parallel\OneWorker;
use Hawkbrush\Core\Parallel\Workers;

/**
 * Does pieces of work at once, each but the first in a process of its own: a copy of this one as it stands, which sends
 * back what came of it and is gone. A piece of which nothing came back is done here.
 */
final readonly class ForkedWorkers implements Workers
{
    /** Seconds; longer than any piece takes. */
    private const PATIENCE = 60;

    /** Whatever is asked for: the machine has other things to do. */
    private const MOST = 16;

    private function __construct(private int $processes) {}

    /** So many processes, this one among them, where PHP as it runs here can have others. */
    public static function of(int $processes): Workers
    {
        return $processes > 1 && \function_exists('pcntl_fork') && \function_exists('posix_kill') ? new self(min($processes, self::MOST)) : new OneWorker();
    }

    public function count(): int
    {
        return $this->processes;
    }

    public function do(array $pieces): array
    {
        $begun = array_map($this->begin(...), \array_slice($pieces, 1));
        $done = [];
        try {
            foreach ($pieces as $i => $piece) {
                $other = $i === 0 ? null : array_shift($begun);
                $answer = $other === null ? [] : $this->answer(...$other);
                $done[] = $answer === [] ? $piece() : $answer[0];
            }
        } finally {
            // After trouble with one piece nobody waits for the others.
            array_map($this->stop(...), array_column($begun, 0));
        }

        return $done;
    }

    /**
     * @param callable(): mixed $piece
     *
     * @return array{int, resource|null} the process, and where its answer comes from; null: there is none
     */
    private function begin(callable $piece): array
    {
        $ends = stream_socket_pair(STREAM_PF_UNIX, STREAM_SOCK_STREAM, 0);
        if ($ends === false) {
            return [0, null];
        }
        [$here, $there] = $ends;
        $process = pcntl_fork();
        if ($process === 0) {
            try {
                fwrite($there, json_encode([$piece()], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
            } finally {
                // Killed rather than ended: PHP's own end would answer the browser a second time, and close what both hold.
                posix_kill(posix_getpid(), SIGKILL);
            }
        }
        fclose($there);

        return $process > 0 ? [$process, $here] : [0, null];
    }

    /** @param int $process 0: there is none */
    private function stop(int $process): void
    {
        if ($process > 0) {
            posix_kill($process, SIGKILL);
            pcntl_waitpid($process, $status);
        }
    }

    /**
     * @param resource|null $here
     *
     * @return array{}|array{mixed} what came of a piece, or nothing
     */
    private function answer(int $process, mixed $here): array
    {
        if ($here === null) {
            return [];
        }
        stream_set_timeout($here, self::PATIENCE);
        $answer = json_decode((string) stream_get_contents($here), true);
        fclose($here);
        $this->stop($process);

        return \is_array($answer) && \count($answer) === 1 ? [$answer[0]] : [];
    }
}
