<?php

declare(strict_types=1);

namespace App\Devices;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** A hygrometer that is not there: the air of a workshop in autumn, which drifts a little and is read with some noise. */
final class SimulatedHygrometer
{
    private const AIR_C = 19.5;

    private const HUMIDITY_PERCENT = 58.0;

    private readonly Randomizer $chance;

    private float $drift = 0.0;

    public function __construct(?int $seed = null)
    {
        $this->chance = new Randomizer(new Xoshiro256StarStar($seed));
    }

    /** The answer to one line. */
    public function answer(string $line): string
    {
        if (trim($line) === 'HELLO') {
            return 'OK {"name":"Simulated hygrometer"}';
        }
        if (trim($line) !== 'READ') {
            return 'ERR it knows HELLO and READ.';
        }
        $this->drift = max(-1.0, min(1.0, $this->drift + ($this->chance->getInt(-100, 100)) / 4000));
        $noise = $this->chance->getInt(-5, 5) / 100;

        return 'OK '.json_encode([
            'air_c' => round(self::AIR_C + $this->drift / 2 + $noise, 2),
            'humidity_percent' => round(self::HUMIDITY_PERCENT - 2 * $this->drift + 4 * $noise, 1),
        ]);
    }
}
