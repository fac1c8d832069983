<?php

declare(strict_types=1);

namespace App\Devices;

/** The instrument answers, and has nothing under it to read. */
final class NotOnACard extends \RuntimeException
{
    /** How a driver says so. */
    public const SAID = 'ERR no-card';

    public function __construct()
    {
        parent::__construct('The colorimeter is not standing on a card. Put it down on the painted half and read again.');
    }
}
