<?php

declare(strict_types=1);

namespace App\Devices;

/** An instrument did not answer, or not with what was asked. The message is fit to show. */
final class DeviceTrouble extends \RuntimeException {}
