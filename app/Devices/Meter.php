<?php

declare(strict_types=1);

namespace App\Devices;

/** An instrument that says some figures when it is asked: a hygrometer, a pressure gauge. docs/instruments.md says how to add a real one. */
interface Meter
{
    /**
     * @return array<string, float> by name
     *
     * @throws DeviceTrouble when it does not answer, or with figures that cannot be
     */
    public function read(): array;
}
