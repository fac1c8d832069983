<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Clear;

use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** A clear as its sheet describes it: what it is, the minutes on its label, how its parts are mixed. */
final readonly class Product
{
    /** Less of a part is none of it. */
    private const LEAST_PART = 0.01;

    public const BY = ['volume', 'weight'];

    /**
     * To begin with. Densities of hardened-later resin and its hardener in g/ml; ratios and minutes as common on labels.
     * Common practice, no published source.
     */
    private const USUAL = [
        'two-part epoxy' => ['label_min' => 30.0, 'parts_a' => 1.0, 'parts_b' => 1.0, 'density_a' => 1.16, 'density_b' => 1.0],
        'slow casting resin' => ['label_min' => 120.0, 'parts_a' => 2.0, 'parts_b' => 1.0, 'density_a' => 1.1, 'density_b' => 1.0],
        'UV resin' => ['label_min' => 600.0, 'parts_a' => 1.0, 'parts_b' => 0.0, 'density_a' => 1.1, 'density_b' => 1.0],
        'moisture-cure urethane dip' => ['label_min' => 600.0, 'parts_a' => 1.0, 'parts_b' => 0.0, 'density_a' => 1.0, 'density_b' => 1.0],
        'acrylic spray' => ['label_min' => 600.0, 'parts_a' => 1.0, 'parts_b' => 0.0, 'density_a' => 0.9, 'density_b' => 1.0],
    ];

    /** Dose that hardens a UV resin through, and what an ordinary lamp box gives. Guesses; the sheet of either goes first. */
    private const DOSE_J_CM2 = 9.0;

    private const LAMP_MW_CM2 = 5.0;

    /**
     * @param value-of<self::BY> $by how its ratio is meant
     * @param float $yellow how far it has yellowed in the bottle, 0 to 1
     * @param float $doseJCm2 of light that hardens it through, where light does
     * @param float $lampMwCm2 that the lamp in use gives at the bait
     */
    private function __construct(
        public Clear $clear,
        public float $labelMin,
        public float $partsA,
        public float $partsB,
        public string $by,
        public float $densityA,
        public float $densityB,
        public float $yellow = 0.0,
        public float $doseJCm2 = self::DOSE_J_CM2,
        public float $lampMwCm2 = self::LAMP_MW_CM2,
    ) {}

    public static function usual(Clear $clear): self
    {
        $of = self::USUAL[$clear->value];

        return new self($clear, $of['label_min'], $of['parts_a'], $of['parts_b'], 'volume', $of['density_a'], $of['density_b']);
    }

    /** Figures without a default are as usual for its kind. */
    public static function fields(): Fields
    {
        /** @var Fields|null $fields */
        static $fields = null;

        return $fields ??= new Fields(
            Field::choice('kind', Clear::names()),
            Field::number('label_min', 1, 600)->or(null),
            Field::number('parts_a', self::LEAST_PART, 1000)->or(null),
            Field::number('parts_b', 0, 1000)->or(null),
            Field::choice('by', self::BY)->or('volume'),
            Field::number('density_a', 0.5, 2.5)->or(null),
            Field::number('density_b', 0.5, 2.5)->or(null),
            Field::number('yellow_percent', 0, 100)->or(0),
            Field::number('dose_j_cm2', 0.5, 100)->or(self::DOSE_J_CM2),
            Field::number('lamp_mw_cm2', 0.1, 500)->or(self::LAMP_MW_CM2),
        );
    }

    /**
     * {kind, label_min, parts_a, parts_b, by, density_a, density_b, yellow_percent, dose_j_cm2, lamp_mw_cm2}; what is left out
     * is as usual for its kind.
     *
     * @throws Refused
     */
    public static function read(Node $node): self
    {
        $in = self::fields()->among($node);
        $clear = Clear::from($in->choice('kind', Clear::names()));
        $usual = self::USUAL[$clear->value];
        $figure = static fn(string $name): float => $in->maybe($name) ?? $usual[$name];

        return new self(
            $clear,
            $figure('label_min'),
            $figure('parts_a'),
            $clear->isMixed() ? max(self::LEAST_PART, $figure('parts_b')) : 0.0,
            $in->choice('by', self::BY),
            $figure('density_a'),
            $figure('density_b'),
            $in->number('yellow_percent') / 100,
            $in->number('dose_j_cm2'),
            $in->number('lamp_mw_cm2'),
        );
    }

    /** @return array<string, float|string> */
    public function document(): array
    {
        return [
            'kind' => $this->clear->value, 'label_min' => $this->labelMin, 'parts_a' => $this->partsA, 'parts_b' => $this->partsB,
            'by' => $this->by, 'density_a' => $this->densityA, 'density_b' => $this->densityB,
            'yellow_percent' => round($this->yellow * 100, 4), 'dose_j_cm2' => $this->doseJCm2, 'lamp_mw_cm2' => $this->lampMwCm2,
        ];
    }

    /** Minutes under its lamp: a dose is irradiance times time. Under an opaque film none of it arrives. */
    public function lampMin(): float
    {
        return $this->doseJCm2 / ($this->lampMwCm2 / 1000) / 60;
    }

    /**
     * How much of each part gives so much clear.
     *
     * @return array{ml_a: float, ml_b: float, grams_a: float, grams_b: float}
     */
    public function parts(float $ml): array
    {
        [$a, $b] = $this->by === 'volume'
            ? [$this->partsA, $this->partsB]
            : [$this->partsA / $this->densityA, $this->partsB / $this->densityB];
        $mlA = $ml * $a / ($a + $b);
        $mlB = $ml - $mlA;

        return ['ml_a' => $mlA, 'ml_b' => $mlB, 'grams_a' => $mlA * $this->densityA, 'grams_b' => $mlB * $this->densityB];
    }
}
