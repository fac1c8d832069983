<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/**
 * An unpainted bait: length, stations measured with calipers, and a superellipse exponent (2 is an ellipse, more is
 * boxier). Surface coordinates: u = 0 nose to 1 tail; theta = 0 back ridge, 90 left flank, 180 belly, 270 right flank
 * (left: the side seen when the nose points left), in the parameter of the superellipse, so that 90 is always the
 * widest line. Smooth between stations: the squares of the measures run along parabolic Hermite arcs, which is exact
 * for every spheroid and gives round noses.
 */
final readonly class Body
{
    /** Bare plastic, where a document says nothing of its ground. */
    private const ORDINARY_GROUND = 0.75;

    /**
     * @param list<Station> $stations
     * @param array<string, list<float>> $tangents slope of the squared measure at each station
     */
    private function __construct(
        public string $name,
        public string $material,
        public float $lengthMm,
        public float $exponent,
        public array $stations,
        public Spectrum $ground,
        public Marks $marks,
        public Shine $shine,
        private array $tangents,
    ) {}

    /**
     * @param list<Station> $stations
     * @param Spectrum $ground reflectance of the bare body without its surface
     *
     * @throws Refused when the measures make no body
     */
    public static function of(
        string $name,
        string $material,
        float $lengthMm,
        float $exponent,
        array $stations,
        Spectrum $ground,
        Marks $marks,
        Shine $shine = Shine::None,
    ): self {
        $last = \count($stations) - 1;
        if ($last < 1) {
            throw Refused::at('/stations', 'A body needs at least two stations.');
        }
        foreach ($stations as $i => $station) {
            if ($i > 0 && $station->u <= $stations[$i - 1]->u) {
                throw Refused::at("/stations/{$i}/0", 'Stations go from nose to tail; this one does not lie behind the one before it.');
            }
        }
        if ($stations[0]->u > 1e-9 || $stations[$last]->u < 1 - 1e-9) {
            throw Refused::at(
                $stations[0]->u > 1e-9 ? '/stations/0/0' : "/stations/{$last}/0",
                'The first station is the nose (0), the last the tail (1).',
            );
        }
        $thick = array_filter($stations, static fn(Station $s): bool => min($s->topMm + $s->bottomMm, $s->halfWidthMm) > 0);
        if ($thick === []) {
            throw Refused::at('/stations', 'This body has no thickness anywhere.');
        }

        return new self($name, $material, $lengthMm, $exponent, $stations, $ground, $marks, $shine, [
            'top' => self::slopes($stations, static fn(Station $s): float => $s->topMm),
            'bottom' => self::slopes($stations, static fn(Station $s): float => $s->bottomMm),
            'half' => self::slopes($stations, static fn(Station $s): float => $s->halfWidthMm),
        ]);
    }

    public static function fields(): Fields
    {
        /** @var Fields|null $fields */
        static $fields = null;

        return $fields ??= new Fields(
            Field::text('name', 80)->or('body'),
            Field::text('material', 40)->or('plastic'),
            Field::number('length_mm', 5, 1000),
            Field::number('exponent', 1, 8)->or(2),
            Field::list('stations', 2, 100),
            Field::document('ground')->or(null),
            Field::choice('shine', Shine::names())->or(Shine::None->value),
            Field::document('marks')->or(null),
        );
    }

    /**
     * {length_mm, stations: [[u, top_mm, bottom_mm, half_width_mm]], …}.
     *
     * @throws Refused
     */
    public static function read(Node $node): self
    {
        $in = self::fields()->in($node);
        $ground = $in->node('ground');
        $marks = $in->node('marks');
        try {
            return self::of(
                $in->text('name'),
                $in->text('material'),
                $in->number('length_mm'),
                $in->number('exponent'),
                array_map(Station::read(...), $in->items('stations')),
                $ground === null ? Spectrum::flat(self::ORDINARY_GROUND) : Colour::read($ground)->reflectance(),
                $marks === null ? new Marks() : Marks::read($marks),
                Shine::from($in->choice('shine', Shine::names())),
            );
        } catch (Refused $e) {
            throw str_starts_with($e->pointer, $node->pointer.'/') ? $e : $e->below($node->pointer);
        }
    }

    /** @return array<string, mixed> as it stands in a document */
    public function document(): array
    {
        return [
            'name' => $this->name,
            'material' => $this->material,
            'length_mm' => $this->lengthMm,
            'exponent' => $this->exponent,
            'stations' => array_map(static fn(Station $station): array => $station->document(), $this->stations),
            'ground' => ['reflectance' => $this->ground->document()],
            ...$this->shine === Shine::None ? [] : ['shine' => $this->shine->value],
            'marks' => $this->marks->document(),
        ];
    }

    /** Whether it bends, so that what is hard on it cracks. */
    public function soft(): bool
    {
        return preg_match('/soft|vinyl|plastisol|silicone|rubber/i', $this->material) === 1;
    }

    /** Distance in mm from the axis up to the back. */
    public function topAt(float $u): float
    {
        return $this->measure('top', $u);
    }

    /** Distance in mm from the axis down to the belly. */
    public function bottomAt(float $u): float
    {
        return $this->measure('bottom', $u);
    }

    public function halfWidthAt(float $u): float
    {
        return $this->measure('half', $u);
    }

    private function measure(string $which, float $u): float
    {
        $u = max(0.0, min(1.0, $u));
        $i = 0;
        while ($i < \count($this->stations) - 2 && $u > $this->stations[$i + 1]->u) {
            $i++;
        }
        $from = $this->stations[$i];
        $to = $this->stations[$i + 1];
        $gap = $to->u - $from->u;
        $t = ($u - $from->u) / $gap;
        $a = self::squared($from, $which);
        $b = self::squared($to, $which);
        $t2 = $t * $t;
        $t3 = $t2 * $t;
        $square = (2 * $t3 - 3 * $t2 + 1) * $a + ($t3 - 2 * $t2 + $t) * $gap * $this->tangents[$which][$i]
            + (-2 * $t3 + 3 * $t2) * $b + ($t3 - $t2) * $gap * $this->tangents[$which][$i + 1];

        // An arc may dip under zero beside a very thin station; the body does not.
        return sqrt(max($square, 0.04 * min($a, $b), 0.0));
    }

    /** Millimetres along the surface for a degree around: as on an ellipse. */
    public function mmPerDegAt(float $u, float $deg): float
    {
        $half = $deg <= 90 ? $this->topAt($u) : $this->bottomAt($u);

        return max(0.01, deg2rad(hypot($half * sin(deg2rad($deg)), $this->halfWidthAt($u) * cos(deg2rad($deg)))));
    }

    private static function squared(Station $station, string $which): float
    {
        return match ($which) {
            'top' => $station->topMm ** 2,
            'bottom' => $station->bottomMm ** 2,
            default => $station->halfWidthMm ** 2,
        };
    }

    /**
     * Slopes of the parabola through each station and its neighbours.
     *
     * @param list<Station> $stations
     * @param callable(Station): float $measure
     *
     * @return list<float>
     */
    private static function slopes(array $stations, callable $measure): array
    {
        $u = array_map(static fn(Station $s): float => $s->u, $stations);
        $y = array_map(static fn(Station $s): float => $measure($s) ** 2, $stations);
        $last = \count($u) - 1;
        $secant = [];
        for ($i = 0; $i < $last; $i++) {
            $secant[] = ($y[$i + 1] - $y[$i]) / ($u[$i + 1] - $u[$i]);
        }
        if ($last === 1) {
            return [$secant[0], $secant[0]];
        }
        $inner = [];
        for ($i = 1; $i < $last; $i++) {
            $before = $u[$i] - $u[$i - 1];
            $after = $u[$i + 1] - $u[$i];
            $inner[] = ($secant[$i - 1] * $after + $secant[$i] * $before) / ($before + $after);
        }

        return [2 * $secant[0] - $inner[0], ...$inner, 2 * $secant[\count($secant) - 1] - $inner[\count($inner) - 1]];
    }
}
