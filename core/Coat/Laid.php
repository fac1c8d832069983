<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

use Hawkbrush\Core\Air\SprayWork;
use Hawkbrush\Core\Refused;

/** What is laid, and with how much air: so many coats of a weight, in so many strokes a side. */
final readonly class Laid
{
    /**
     * @param int $coats one over the other, each of this weight
     * @param int $strokes on each side
     * @param SprayWork|null $saidWork what the airbrush is used for, where the painter said so; null: as it looks
     *
     * @throws Refused when nothing could be laid so
     */
    public function __construct(
        public int $coats,
        public Weight $weight,
        public float $psi,
        public int $strokes,
        public ?SprayWork $saidWork = null,
    ) {
        if ($coats < 1 || $strokes < 1 || $psi <= 0) {
            throw Refused::because('There is at least one coat, one stroke and some air.');
        }
    }

    /** The same with other figures; what is not named stays. */
    public function with(?int $coats = null, ?float $psi = null, ?int $strokes = null): self
    {
        return new self($coats ?? $this->coats, $this->weight, $psi ?? $this->psi, $strokes ?? $this->strokes, $this->saidWork);
    }
}
