<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

use Hawkbrush\Core\Refused;

/** Where the brush is aimed, and how wide it sprays. */
final readonly class SprayAim
{
    /**
     * @param float|null $deg degrees from straight above towards the flank; null: turned under the brush all round
     * @param float|null $widthMm width of the soft band on the surface; null: fanned out over the place
     * @param float $slantDeg how far the brush lies over along the bait: above zero it sprays from the nose towards the tail
     *
     * @throws Refused when it has no width
     */
    public function __construct(public ?float $deg = null, public ?float $widthMm = null, public float $slantDeg = 0.0)
    {
        if ($widthMm !== null && $widthMm <= 0) {
            throw Refused::because('A spray has some width.');
        }
    }

    public function scaled(float $by): self
    {
        $width = CoatDocument::fields()->of('width_mm');

        return $this->widthMm === null ? $this : new self($this->deg, round($width->within($this->widthMm * $by), 1), $this->slantDeg);
    }
}
