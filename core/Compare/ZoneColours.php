<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Compare;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Field;

/** The mean light of each zone of a bait: what the eye takes for its colour from arm's length. Made once for a surface. */
final readonly class ZoneColours
{
    /** Less of a zone under a coat than this is only its soft edge. */
    private const USED = 0.08;

    /** @var array<string, array<int, float>> area of each zone in each cell of the left half, mm2 */
    private array $areas;

    public function __construct(Surface $surface)
    {
        $areas = [];
        foreach (Zone::cases() as $zone) {
            $areas[$zone->value] = [];
            $extent = $zone->extent($surface->body);
            $along = array_map($extent->outU(...), $surface->u);
            foreach (array_map($extent->outDeg(...), $surface->theta) as $row => $outDeg) {
                foreach ($along as $column => $outU) {
                    $share = $extent->share($outU, $outDeg);
                    if ($share > 0) {
                        $cell = $row * $surface->columns + $column;
                        $areas[$zone->value][$cell] = $share * $surface->areaMm2[$cell];
                    }
                }
            }
        }
        $this->areas = $areas;
    }

    /**
     * @param list<Zone> $zones
     *
     * @return array<string, Colour> by the zone's name
     */
    public function of(Field $field, SurfaceFinish $finish, array $zones): array
    {
        $colours = [];
        foreach ($zones as $zone) {
            $colours[$zone->value] = $finish->colour(...$this->mean($field, $zone));
        }

        return $colours;
    }

    /** The mean film of a zone, without its surface: what a further coat there lies on. */
    public function film(Field $field, Zone $zone): Spectrum
    {
        [$reflects, $sends] = $this->mean($field, $zone);

        return Spectrum::of($sends === null
            ? $reflects
            : array_map(static fn(float $back, float $sent): float => min(1.0, $back + $sent), $reflects, $sends));
    }

    /** @return array{list<float>, list<float>|null} what the films of a zone reflect and send out, on the mean */
    private function mean(Field $field, Zone $zone): array
    {
        $byState = [];
        $whole = 0.0;
        foreach ($this->areas[$zone->value] ?? [] as $cell => $area) {
            $left = $field->left[$cell];
            $right = $field->right[$cell];
            $byState[$left] = ($byState[$left] ?? 0.0) + $area;
            $byState[$right] = ($byState[$right] ?? 0.0) + $area;
            $whole += 2 * $area;
        }
        $reflects = $sends = array_fill(0, Spectrum::BANDS, 0.0);
        $glows = false;
        foreach ($byState as $state => $area) {
            $share = $area / $whole;
            foreach ($field->states[$state]->r as $i => $value) {
                $reflects[$i] += $value * $share;
            }
            foreach ($field->states[$state]->glow ?? [] as $i => $value) {
                $sends[$i] += $value * $share;
                $glows = true;
            }
        }

        return [array_values($reflects), $glows ? array_values($sends) : null];
    }

    /**
     * The zones a coat covers noticeably.
     *
     * @return list<Zone>
     */
    public function under(Coverage $coverage): array
    {
        $under = [];
        foreach (Zone::cases() as $zone) {
            if ($zone === Zone::Whole || $zone->isSpot()) {
                continue;
            }
            $covered = $whole = 0.0;
            foreach ($this->areas[$zone->value] ?? [] as $cell => $area) {
                $covered += $area * max($coverage->left[$cell] ?? 0.0, $coverage->right[$cell] ?? 0.0);
                $whole += $area;
            }
            if ($whole > 0 && $covered / $whole > self::USED) {
                $under[] = $zone;
            }
        }

        return $under;
    }
}
