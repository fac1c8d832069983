<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Refused;

/**
 * What a dry paint does to light: absorption K and scattering S per micrometre in 31 bands; the colour its flakes
 * throw at the mirror angle when they fill a hiding film, and the one they throw away from it; for a fluorescent, the
 * light it sends out itself, and for a phosphorescent what it sends out by night.
 */
final readonly class Optics
{
    /** More than any paint has; keeps the exponentials finite. */
    public const STRONGEST_PER_UM = 100.0;

    /** All curves there may be, as they stand in documents. */
    public const CURVES = ['k', 's', 'glint', 'glow', 'away', 'afterglow'];

    private function __construct(
        public Spectrum $k,
        public Spectrum $s,
        public ?Spectrum $glint,
        public ?Spectrum $glow,
        public ?Spectrum $away,
        public ?Spectrum $afterglow,
    ) {}

    /** @throws Refused when K or S is negative, or greater than any paint has */
    public static function of(
        Spectrum $k,
        Spectrum $s,
        ?Spectrum $glint = null,
        ?Spectrum $glow = null,
        ?Spectrum $away = null,
        ?Spectrum $afterglow = null,
    ): self {
        foreach ([
            'k' => [$k, self::STRONGEST_PER_UM],
            's' => [$s, self::STRONGEST_PER_UM],
            'glint' => [$glint, 2.0],
            'glow' => [$glow, 5.0],
            'away' => [$away, 2.0],
            'afterglow' => [$afterglow, 5.0],
        ] as $name => [$curve, $most]) {
            foreach ($curve->values ?? [] as $i => $value) {
                if ($value < 0 || $value > $most) {
                    throw Refused::at("/{$name}/{$i}", "A paint has {$name} from 0 to {$most}; here stands {$value}.");
                }
            }
        }

        return new self($k, $s, $glint, $glow, $away, $afterglow);
    }

    /** @return array<string, list<float>|null> by {@see CURVES} */
    public function curves(): array
    {
        return [
            'k' => $this->k->values,
            's' => $this->s->values,
            'glint' => $this->glint?->values,
            'glow' => $this->glow?->values,
            'away' => $this->away?->values,
            'afterglow' => $this->afterglow?->values,
        ];
    }
}
