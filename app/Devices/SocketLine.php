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
     * @param string $name of the instrument, for what is said of it
     * @param string $address as tcp://127.0.0.1:8720 or unix:///run/colorimeter.sock
     * @param int $seconds how long is waited for it
     */
    public function __construct(private string $name, private string $address, private int $seconds = 5) {}

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
        $socket = @stream_socket_client($this->address, $code, $why, $this->seconds);
        if ($socket === false) {
            throw new DeviceTrouble("The {$this->name} does not answer. Is it switched on and its driver running?");
        }
        stream_set_timeout($socket, $this->seconds);
        fwrite($socket, $line."\n");
        $answer = trim((string) fgets($socket, self::MOST_BYTES));
        fclose($socket);
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
}
