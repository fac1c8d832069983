<?php

declare(strict_types=1);

namespace App\Devices;

use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** Speaks with a driver on this machine, a line each way: HELLO, or READ and a place; OK and JSON, or ERR and why not. */
final readonly class SocketColorimeter implements Colorimeter
{
    private const SECONDS = 5;

    private const NO_CARD = 'ERR no-card';

    private const MOST_BYTES = 1024 * 1024;

    /** @param string $address as tcp://127.0.0.1:8720 or unix:///run/colorimeter.sock */
    public function __construct(private string $address) {}

    public function name(): string
    {
        return $this->told('HELLO', static fn(Node $answer): string => $answer->field('name')->text(80));
    }

    public function places(): array
    {
        return $this->told('HELLO', static fn(Node $answer): array => array_map(static fn(Node $place): array => [
            'id' => $place->field('id')->text(80),
            'label' => $place->field('label')->text(120),
            'note' => $place->optional('note')?->text(200) ?? '',
        ], $answer->optional('places')?->items(0, 2000) ?? []));
    }

    public function read(?string $place): Spectrum
    {
        return $this->told(rtrim('READ '.preg_replace('/\s+/', ' ', $place ?? '')), static function (Node $answer): Spectrum {
            $answer->field('start')->number(Spectrum::START_NM, Spectrum::START_NM);
            $answer->field('step')->number(Spectrum::STEP_NM, Spectrum::STEP_NM);

            return Spectrum::of($answer->field('values')->numbers(Spectrum::BANDS, 0, 1));
        });
    }

    /**
     * @template T
     *
     * @param callable(Node): T $as
     *
     * @return T
     */
    private function told(string $line, callable $as): mixed
    {
        $socket = @stream_socket_client($this->address, $code, $why, self::SECONDS);
        if ($socket === false) {
            throw new DeviceTrouble('The colorimeter does not answer. Is it switched on and its driver running?');
        }
        stream_set_timeout($socket, self::SECONDS);
        fwrite($socket, $line."\n");
        $answer = trim((string) fgets($socket, self::MOST_BYTES));
        fclose($socket);
        if (str_starts_with($answer, 'ERR ')) {
            throw str_starts_with($answer, self::NO_CARD)
                ? new NotOnACard()
                : new DeviceTrouble('The colorimeter says: '.mb_scrub(substr($answer, 4)));
        }
        if (! str_starts_with($answer, 'OK ')) {
            throw new DeviceTrouble('The colorimeter gave no answer that can be read.');
        }
        try {
            return $as(Node::fromJson(substr($answer, 3)));
        } catch (Refused $e) {
            throw new DeviceTrouble('The colorimeter answered with something else: '.$e->getMessage());
        }
    }
}
