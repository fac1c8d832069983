<?php

declare(strict_types=1);

namespace App\Keeping;

/** A failure to open, back up or restore the data, in words for the painter. */
final class KeepingTrouble extends \RuntimeException {}
