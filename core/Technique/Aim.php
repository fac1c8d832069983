<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

/** Where the brush stands, as a strand that stands off the body sees it: its shadow falls away from there. */
final readonly class Aim
{
    /** Beyond this a shadow grows no longer: the brush would spray along the side. */
    public const FLATTEST = 0.35;

    /**
     * @param array{float, float}|null $around sine and cosine of the way from straight above towards the flank
     * @param float $alongPerMm how far towards the tail a shadow falls for each mm that a strand stands off
     */
    private function __construct(public ?array $around, public float $alongPerMm) {}

    public static function of(?float $aimDeg, float $slantDeg): self
    {
        return new self($aimDeg === null ? null : [sin(deg2rad($aimDeg)), cos(deg2rad($aimDeg))], tan(deg2rad($slantDeg)));
    }
}
