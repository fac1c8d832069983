<?php

declare(strict_types=1);

namespace App\Keeping;

/** What keeps the data from being opened, backed up or brought back, in words for the painter. */
final class KeepingTrouble extends \RuntimeException {}
