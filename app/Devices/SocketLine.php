<?php

declare(strict_types=1);

namespace App\Devices;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** Speaks with the driver of an instrument on this machine, a line each way; OK and JSON come back, or ERR and why not. */
final readonly class SocketLine
{
    private const MOST_BYTES = 1024 * 1024;

    /**
     * @param string $name of the instrument, for messages about it
     * @param string $address as tcp://127.0.0.1:8720 or unix:///run/colorimeter.sock
     * @param float $seconds for all of it: connecting, asking and the whole answer
     */
    public function __construct(private string $name, private string $address, private Turns $turns, private float $seconds = 5.0) {}

    /**
     * @template T
     *
     * @param callable(Node): T $as
     *
     * @return T
     *
     * @throws DeviceTrouble
     * @throws NotOnACard
     */
    public function told(string $line, callable $as): mixed
    {
        $answer = $this->turns->take($this->name, fn(): string => $this->exchange($line));
        if (str_starts_with($answer, 'ERR ')) {
            throw str_starts_with($answer, NotOnACard::SAID)
                ? new NotOnACard()
                : new DeviceTrouble("The {$this->name} says: ".mb_scrub(substr($answer, 4)));
        }
        if (! str_starts_with($answer, 'OK ')) {
            throw new DeviceTrouble("The {$this->name} gave no answer that can be read.");
        }
        try {
            return $as(Node::fromJson(substr($answer, 3)));
        } catch (Refused $e) {
            throw new DeviceTrouble("The {$this->name} answered with something else: ".$e->getMessage());
        }
    }

    /** @throws DeviceTrouble when there is no whole line in time */
    private function exchange(string $line): string
    {
        $ends = hrtime(true) + (int) ($this->seconds * 1e9);
        $socket = @stream_socket_client($this->address, $code, $why, $this->seconds);
        if ($socket === false) {
            throw new DeviceTrouble("The {$this->name} does not answer. Is it switched on and its driver running?");
        }
        stream_set_blocking($socket, false);
        fwrite($socket, $line."\n");
        $answer = '';
        while (! str_contains($answer, "\n") && \strlen($answer) < self::MOST_BYTES && ! feof($socket)) {
            $left = intdiv($ends - hrtime(true), 1000);
            [$read, $write, $except] = [[$socket], null, null];
            if ($left <= 0 || @stream_select($read, $write, $except, intdiv($left, 1_000_000), $left % 1_000_000) === 0) {
                fclose($socket);
                throw new DeviceTrouble("The {$this->name} did not answer whole within {$this->seconds} s. Is its driver all right?");
            }
            $answer .= (string) fread($socket, 65_536);
        }
        fclose($socket);

        return trim(strtok($answer, "\n") ?: '');
    }
}
