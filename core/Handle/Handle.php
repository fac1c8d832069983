<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Handle;

/** A point on the bait by which a figure of a step is taken hold of. */
final readonly class Handle
{
    /**
     * @param string $id the same as long as the step stays as it is put on
     * @param string $what it moves, as "front end of the place"
     * @param float $deg from the back ridge, on the left half; the other side follows
     * @param string $says its figure in words, as "1.2 mm behind the gill edge"
     * @param bool $along whether it moves along the length
     * @param bool $around whether it moves around the section
     * @param bool $ofSection whether it is drawn on the section rather than on the views: the aim, and how wide it sprays
     * @param \Closure(float, float): array<string, mixed> $set fields of the step, when it is moved to a u and degrees
     */
    public function __construct(
        public string $id,
        public string $what,
        public float $u,
        public float $deg,
        public string $says,
        public bool $along,
        public bool $around,
        private \Closure $set,
        public bool $ofSection = false,
    ) {}

    /** @param \Closure(float, float): array<string, mixed> $set fields of the step, when it is moved to a u and degrees */
    public static function at(string $id, string $what, SurfacePoint $at, string $says, bool $along, bool $around, \Closure $set): self
    {
        return new self($id, $what, $at->u, $at->deg, $says, $along, $around, $set);
    }

    /** @return array<string, mixed> the fields of the step that say so */
    public function movedTo(float $u, float $deg): array
    {
        return ($this->set)($this->along ? $u : $this->u, $this->around ? $deg : $this->deg);
    }
}
