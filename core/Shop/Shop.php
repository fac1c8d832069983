<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Shop;

use Hawkbrush\Core\Air\CleanFigures;
use Hawkbrush\Core\Air\Nozzle;
use Hawkbrush\Core\Clear\Product;
use Hawkbrush\Core\Drying\Climate;

/** Where and how it is painted: the room with the dryer in hand, the airbrush in hand, the shop's habits and its cleaning. */
final readonly class Shop
{
    /** @param array<string, Product> $clears in use, by kind */
    public function __construct(
        public Climate $climate,
        public Nozzle $nozzle,
        public Habits $habits,
        public CleanFigures $clean,
        public array $clears = [],
    ) {}

    public static function ordinary(?Climate $climate = null): self
    {
        return new self($climate ?? Climate::ordinary(), Nozzle::ordinary(), Habits::usual(), CleanFigures::usual());
    }
}
