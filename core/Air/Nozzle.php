<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Refused;

/** The nozzle of an airbrush, by its bore, and what goes through it. Common practice, no published source. */
final readonly class Nozzle
{
    public const LEAST_MM = 0.1;

    public const MOST_MM = 1.5;

    public const ORDINARY_MM = 0.35;

    /** How much the air follows the bore, as a power. Fitted. */
    private const AIR_FOLLOWS = 0.1;

    /** Points of reducer more for each tenth of a millimetre that it is finer than usual. Fitted. */
    private const POINTS_A_TENTH = 4.0;

    /** @throws Refused when no airbrush has it */
    public function __construct(public float $mm)
    {
        if (! is_finite($mm) || $mm < self::LEAST_MM || $mm > self::MOST_MM) {
            throw Refused::at('/nozzle_mm', \sprintf('A nozzle has %s to %s mm.', self::LEAST_MM, self::MOST_MM));
        }
    }

    public static function ordinary(): self
    {
        return new self(self::ORDINARY_MM);
    }

    /**
     * The finest bore that a paint goes through without clogging.
     *
     * @param bool $craft whether it is craft-store paint, which is coarse
     */
    public static function finestMm(Kind $kind, bool $craft): float
    {
        $flakes = match ($kind) {
            Kind::Metallic, Kind::Holographic, Kind::ColourShift => 0.35,
            Kind::Phosphorescent => 0.5,
            Kind::Pearl => 0.25,
            default => 0.15,
        };

        return $craft ? max(0.35, $flakes) : $flakes;
    }

    public function takes(Kind $kind, bool $craft): bool
    {
        return $this->mm >= self::finestMm($kind, $craft) - 1e-9;
    }

    /** What a bore is good for, in a sentence. */
    public function goodFor(): string
    {
        $flakes = array_filter([Kind::Pearl, Kind::Metallic, Kind::Phosphorescent], fn(Kind $kind): bool => $this->takes($kind, false));
        $work = match (true) {
            $this->mm <= 0.25 => 'Fine lines, dots and soft edges',
            $this->mm <= 0.4 => 'All-round: bases, fades, mesh and stencils',
            default => 'Bases and large bodies, thick paint',
        };

        return $work.'. '.match (\count($flakes)) {
            0 => 'Too fine for pearls and metallics.',
            1 => 'Pearls pass; metallic flakes clog it.',
            2 => 'Pearls and metallics pass.',
            default => 'Every paint passes, the coarsest flakes too.',
        };
    }

    /** What its bore does to the air. */
    public function air(): Factor
    {
        $times = ($this->mm / self::ORDINARY_MM) ** self::AIR_FOLLOWS;

        return new Factor($times, match (true) {
            $this->mm > self::ORDINARY_MM + 0.01 => \sprintf('a %s mm nozzle lets more through and wants a little more air', $this->mm),
            $this->mm < self::ORDINARY_MM - 0.01 => \sprintf('a %s mm nozzle lets less through and wants a little less air', $this->mm),
            default => \sprintf('a %s mm nozzle is the usual one', $this->mm),
        });
    }

    /** Points of reducer that it asks for beyond a usual one. */
    public function thinningPoints(): float
    {
        return max(0.0, (self::ORDINARY_MM - $this->mm) * 10 * self::POINTS_A_TENTH);
    }
}
