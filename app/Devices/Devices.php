<?php

declare(strict_types=1);

namespace App\Devices;

/** The instruments configured for this installation. */
final readonly class Devices
{
    public function __construct(public ?Colorimeter $colorimeter, public ?Meter $hygrometer = null, public ?Meter $gauge = null) {}
}
