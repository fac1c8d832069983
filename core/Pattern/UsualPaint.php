<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Pattern;

use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Technique\LooseFlakes;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Tool;

/** The paint of a rack that is usually taken next. Common practice, no published source. */
final readonly class UsualPaint
{
    /** What a base may be laid of. */
    public const BASES = [...self::COVERING, Kind::Pearl];

    private const COVERING = [Kind::Opaque, Kind::SemiOpaque];

    private const SHADING = [Kind::Transparent, Kind::Ink, Kind::SemiOpaque];

    private const FROM_ABOVE = [Zone::Back, Zone::Shoulder, Zone::DorsalFin];

    /**
     * @param list<Coat> $before the coats below it
     * @param list<Paint> $rack with something in the bottle, at least one
     */
    public function __construct(private array $before, private array $rack) {}

    public function base(): Paint
    {
        return $this->lightest(self::COVERING);
    }

    public function pearl(): Paint
    {
        return $this->lightest([Kind::Pearl]);
    }

    /** For the shoulder, below what the back takes. */
    public function shade(): Paint
    {
        return $this->lightest(self::SHADING);
    }

    public function back(): Paint
    {
        return $this->darkest(self::SHADING);
    }

    public function mark(Technique $technique): Paint
    {
        return match (true) {
            $technique->tool() === Tool::Sheet => $this->lightest([Kind::Foil]),
            $technique instanceof LooseFlakes => $this->lightest([Kind::Holographic, Kind::Metallic]),
            default => $this->darkest([...self::COVERING, ...self::SHADING]),
        };
    }

    public function on(?Zone $zone): Paint
    {
        return match (true) {
            $zone === Zone::Whole => $this->base(),
            \in_array($zone, self::FROM_ABOVE, true) => $this->back(),
            default => $this->pearl(),
        };
    }

    /** @param list<Kind> $kinds */
    private function lightest(array $kinds): Paint
    {
        return $this->most($kinds, 1);
    }

    /** @param list<Kind> $kinds */
    private function darkest(array $kinds): Paint
    {
        return $this->most($kinds, -1);
    }

    /** @param list<Kind> $kinds the first of which there is a paint counts */
    private function most(array $kinds, int $by): Paint
    {
        $used = array_map(static fn(Coat $coat): string => $coat->mixture->parts[0][0]->id, $this->before);
        foreach ($kinds as $kind) {
            $of = array_filter($this->rack, static fn(Paint $paint): bool => $paint->kind === $kind);
            // One that lies below already would hardly show.
            $new = array_filter($of, static fn(Paint $paint): bool => ! \in_array($paint->id, $used, true));
            $of = $new === [] ? $of : $new;
            if ($of !== []) {
                $light = static fn(Paint $paint): float => Colour::fromHex($paint->hex)->lab->l;
                usort($of, static fn(Paint $a, Paint $b): int => $by * ($light($b) <=> $light($a)));

                return $of[0];
            }
        }

        return $this->rack[0];
    }
}
