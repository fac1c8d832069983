<?php

declare(strict_types=1);

namespace App\Devices;

use Hawkbrush\Core\Node;

/** A hygrometer or a gauge by its driver: READ, and figures come back. */
final readonly class SocketMeter implements Meter
{
    /** Figures and what they can be, by instrument. */
    public const FIGURES = [
        'hygrometer' => ['air_c' => [-20.0, 60.0], 'humidity_percent' => [1.0, 100.0]],
        'gauge' => ['psi' => [0.0, 200.0]],
    ];

    private const SECONDS = 1.0;

    private SocketLine $line;

    /** @param key-of<self::FIGURES> $instrument */
    public function __construct(private string $instrument, string $address, Turns $turns)
    {
        $this->line = new SocketLine($instrument, $address, $turns, self::SECONDS);
    }

    public function read(): array
    {
        return $this->line->told('READ', function (Node $answer): array {
            $figures = [];
            foreach (self::FIGURES[$this->instrument] as $figure => $bounds) {
                $figures[$figure] = $answer->field($figure)->number(...$bounds);
            }

            return $figures;
        });
    }
}
