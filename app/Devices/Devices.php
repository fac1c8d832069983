<?php

declare(strict_types=1);

namespace App\Devices;

/** The instruments this installation has been told of. */
final readonly class Devices
{
    public function __construct(public ?Colorimeter $colorimeter) {}
}
