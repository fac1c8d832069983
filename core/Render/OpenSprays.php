<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Shadowed;

/** The open sprays over one surface: coats aimed alike at the same place land alike, and are worked out once. */
final class OpenSprays
{
    /** @var array<string, OpenSpray> by place, aim and width */
    private array $known = [];

    public function __construct(public readonly Surface $surface) {}

    public function for(Coat $coat): OpenSpray
    {
        if (self::everywhere($coat)) {
            return $this->known['everywhere'] ??= OpenSpray::everywhere($this->surface);
        }
        $sprayed = $coat->technique->sprayed();
        $aim = $sprayed ? $coat->aimDeg : null;
        $width = $sprayed ? $coat->widthMm : null;
        $slant = $coat->technique instanceof Shadowed ? $coat->slantDeg : 0.0;
        $extent = $coat->place->extent($this->surface->body);

        return $this->known[serialize([$extent, $aim, $width, $slant])] ??= OpenSpray::on($this->surface, $extent, $aim, $width, $slant);
    }

    /** Whether the coat covers the whole body: no aim, no width, no place. */
    public static function everywhere(Coat $coat): bool
    {
        return $coat->place->zone === Zone::Whole
            && (($coat->widthMm === null && $coat->aimDeg === null && $coat->slantDeg === 0.0) || ! $coat->technique->sprayed());
    }
}
