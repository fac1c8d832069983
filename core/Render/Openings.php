<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Pattern\PaintStep;
use Hawkbrush\Core\Technique\OpenSpray;

/** The open sprays over one surface: coats aimed alike at the same place land alike, and are worked out once. */
final class Openings
{
    /** @var array<string, OpenSpray> by place, aim and width */
    private array $known = [];

    public function __construct(public readonly Surface $surface) {}

    public function for(PaintStep $step): OpenSpray
    {
        if (self::everywhere($step)) {
            return $this->known['everywhere'] ??= OpenSpray::everywhere($this->surface);
        }
        $sprayed = $step->technique->sprayed();
        $aim = $sprayed ? $step->aimDeg : null;
        $width = $sprayed ? $step->widthMm : null;
        $extent = $step->place->extent($this->surface->body->marks);

        return $this->known[serialize([$extent, $aim, $width])] ??= OpenSpray::on($this->surface, $extent, $aim, $width);
    }

    /** Whether nothing keeps the coat from any part of the body: no aim, no width, no place of its own. */
    public static function everywhere(PaintStep $step): bool
    {
        return $step->place->zone === Zone::Whole && (($step->widthMm === null && $step->aimDeg === null) || ! $step->technique->sprayed());
    }
}
