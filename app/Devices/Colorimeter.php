<?php

declare(strict_types=1);

namespace App\Devices;

use Hawkbrush\Core\Colour\Spectrum;

/** An instrument that reads the colour of a surface. docs/instruments.md says how to add a real one. */
interface Colorimeter
{
    /**
     * Its name, and where a simulated instrument can be put down; a real one is put down by hand and names no places.
     *
     * @return array{name: string, places: list<array{id: string, label: string, note: string, paint: string|null, wet_um: float|null}>}
     *
     * @throws DeviceTrouble when it does not answer
     */
    public function about(): array;

    /**
     * @param string|null $place one of the places of {@see about}, null for whatever is under it
     *
     * @return Spectrum reflectance as seen, 0 to 1
     *
     * @throws DeviceTrouble
     * @throws NotOnACard
     */
    public function read(?string $place): Spectrum;
}
