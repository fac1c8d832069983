<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

use Hawkbrush\Core\Drying\DryingFactor;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Refused;

/** A paint as a recipe needs it: what it does to light and how much of it stays when it has dried. */
final readonly class Paint
{
    public const ORDINARY_SOLIDS = 0.35;

    /** Families of chemistry painters tell apart; others may be named. Common practice, no published source. */
    public const FAMILIES = [
        'water-borne acrylic',
        'acrylic ink',
        'water-borne urethane',
        'solvent acrylic',
        'solvent lacquer',
        'craft acrylic',
    ];

    public const FINISHES = ['matte', 'satin', 'gloss', 'shimmer', 'sparkle'];

    /**
     * @param float $solids share of the bottle's volume that stays, 0 to 1
     * @param float $drying how many times as long as the model says it takes to dry ({@see DryingFactor})
     *
     * @throws Refused when a figure is outside its {@see Bounds}
     */
    public function __construct(
        public string $id,
        public string $name,
        public Kind $kind,
        public Optics $optics,
        public string $hex,
        public float $solids = self::ORDINARY_SOLIDS,
        public float $dropMl = 0.05,
        public string $family = 'water-borne acrylic',
        public bool $fromCard = false,
        public float $drying = 1.0,
    ) {
        Bounds::hold('solids', $solids);
        Bounds::hold('drop_ml', $dropMl);
        Bounds::hold('drying', $drying);
    }

    public function withDrying(float $drying): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->kind,
            $this->optics,
            $this->hex,
            $this->solids,
            $this->dropMl,
            $this->family,
            $this->fromCard,
            $drying,
        );
    }

    public function withSolids(float $solids): self
    {
        return new self(
            $this->id, $this->name, $this->kind, $this->optics, $this->hex, $solids, $this->dropMl, $this->family, $this->fromCard,
            $this->drying,
        );
    }

    /** Thinned and cleaned with solvent, and sets free its vapour. */
    public function needsSolvent(): bool
    {
        return preg_match('/solvent|lacquer/', mb_strtolower($this->family)) === 1;
    }
}
