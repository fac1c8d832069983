<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/**
 * What a body has of its own that paint is placed by: gill edge and eye as shares of the length and degrees from the
 * back ridge, bill, loose tail, joints, hook hangers, line tie, and zones set by hand.
 */
final readonly class Marks
{
    /** Sockets from the smallest fry to the largest glide bait; eyes are made as large. */
    public const SOCKET_MM = [1.0, 40.0];

    private const MOST_OF_A_KIND = 12;

    /**
     * @param float|null $eyeSocketDepthMm from the face of the head to its floor; null: not measured, or no socket
     * @param bool $billLoose put in after painting: shown as an outline
     * @param float|null $tailLengthMm a tail that is put on after painting, behind the body; null: none
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
        public bool $billLoose = false,
        public ?float $tailLengthMm = null,
        public array $jointsU = [],
        public array $hooksU = [],
        public ?float $tieU = null,
        public float $tieDeg = 90.0,
        public array $zones = [],
    ) {}

    public static function fields(): Fields
    {
        /** @var Fields|null $fields */
        static $fields = null;

        return $fields ??= new Fields(
            Field::number('gill_u', 0.02, 0.6)->or(0.24),
            Field::number('eye_u', 0.01, 0.5)->or(0.12),
            Field::number('eye_deg', 10, 130)->or(72),
            Field::number('eye_socket_mm', ...self::SOCKET_MM)->or(null),
            Field::number('eye_socket_depth_mm', 0.1, 20)->or(null),
            Field::number('bill_length_mm', 1, 200)->or(null),
            Field::number('bill_angle_deg', -90, 90)->or(35),
            Field::flag('bill_loose')->or(false),
            Field::number('tail_length_mm', 1, 300)->or(null),
            Field::list('joints_u', 0, self::MOST_OF_A_KIND)->or([]),
            Field::list('hooks_u', 0, self::MOST_OF_A_KIND)->or([]),
            Field::number('tie_u', 0, 1)->or(null),
            Field::number('tie_deg', 0, 180)->or(90),
            Field::document('zones')->or([]),
        );
    }

    /** @throws Refused */
    public static function read(Node $node): self
    {
        $in = self::fields()->in($node);
        $places = static fn(string $name): array => array_map(static fn(Node $u): float => $u->number(0, 1), $in->items($name));

        return new self(
            $in->number('gill_u'),
            $in->number('eye_u'),
            $in->number('eye_deg'),
            $in->maybe('eye_socket_mm'),
            $in->maybe('eye_socket_depth_mm'),
            $in->maybe('bill_length_mm'),
            $in->number('bill_angle_deg'),
            $in->flag('bill_loose'),
            $in->maybe('tail_length_mm'),
            $places('joints_u'),
            $places('hooks_u'),
            $in->maybe('tie_u'),
            $in->number('tie_deg'),
            self::zones($in->node('zones')),
        );
    }

    /** @return array<string, mixed> as it stands in a document */
    public function document(): array
    {
        return [
            'gill_u' => $this->gillU,
            'eye_u' => $this->eyeU,
            'eye_deg' => $this->eyeDeg,
            'eye_socket_mm' => $this->eyeSocketMm,
            'eye_socket_depth_mm' => $this->eyeSocketDepthMm,
            'bill_length_mm' => $this->billLengthMm,
            'bill_angle_deg' => $this->billAngleDeg,
            'bill_loose' => $this->billLoose,
            'tail_length_mm' => $this->tailLengthMm,
            'joints_u' => $this->jointsU,
            'hooks_u' => $this->hooksU,
            'tie_u' => $this->tieU,
            'tie_deg' => $this->tieDeg,
        ] + ($this->zones === [] ? [] : ['zones' => array_map(static fn(Extent $zone): array => $zone->document(), $this->zones)]);
    }

    /** @return array<string, Extent> by name */
    private static function zones(?Node $node): array
    {
        $zones = [];
        foreach ($node?->only(array_values(array_diff(Zone::names(), [Zone::Whole->value])))->fields() ?? [] as $name => $zone) {
            $zones[$name] = Extent::read($zone, Zone::from($name)->isOval());
        }

        return $zones;
    }
}
