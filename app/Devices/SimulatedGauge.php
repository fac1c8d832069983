<?php

declare(strict_types=1);

namespace App\Devices;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** A gauge on the hose that is not there: it stands where it was set, {@see self::answer} to SET, and beats a little with the compressor. */
final class SimulatedGauge
{
    private const FIRST_PSI = 10.0;

    private readonly Randomizer $chance;

    private float $psi = self::FIRST_PSI;

    public function __construct(?int $seed = null)
    {
        $this->chance = new Randomizer(new Xoshiro256StarStar($seed));
    }

    /** The answer to one line: HELLO, READ, or SET and psi, which stands for a hand on the regulator. */
    public function answer(string $line): string
    {
        $words = explode(' ', trim($line), 2);
        if ($words[0] === 'SET' && is_numeric($words[1] ?? null)) {
            $this->psi = max(0.0, min(60.0, (float) $words[1]));
        }

        return match ($words[0]) {
            'HELLO' => 'OK {"name":"Simulated gauge"}',
            'READ', 'SET' => 'OK '.json_encode(['psi' => round(max(0.0, $this->psi * (1 + $this->chance->getInt(-10, 10) / 1000)), 1)]),
            default => 'ERR it knows HELLO, READ, and SET with a figure.',
        };
    }
}
