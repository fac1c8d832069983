<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

/**
 * What a body has of its own that paint is placed by: gill edge and eye as shares of the length and degrees from the
 * back ridge, bill, joints, hook hangers, line tie, and zones set by hand.
 */
final readonly class Marks
{
    /**
     * @param float|null $eyeSocketDepthMm from the face of the head to its floor; null: not measured, or no socket
     * @param list<float> $jointsU
     * @param list<float> $hooksU
     * @param float|null $tieU where the line is tied; null: at the tip of the nose
     * @param array<string, Extent> $zones by name, where the painter has set them otherwise than the marks would
     */
    public function __construct(
        public float $gillU = 0.24,
        public float $eyeU = 0.12,
        public float $eyeDeg = 72.0,
        public ?float $eyeSocketMm = null,
        public ?float $eyeSocketDepthMm = null,
        public ?float $billLengthMm = null,
        public float $billAngleDeg = 35.0,
        public array $jointsU = [],
        public array $hooksU = [],
        public ?float $tieU = null,
        public float $tieDeg = 90.0,
        public array $zones = [],
    ) {}
}
