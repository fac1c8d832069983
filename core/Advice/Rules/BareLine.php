<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Fix;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\PaintedCoat;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;

/**
 * A coat meant for the whole of a place that the aim leaves bare along the back or the belly, and that no other coat
 * covers there. Common practice, no published source.
 */
final class BareLine implements Rule
{
    /** Rows this near to ridge or keel are the line; the rule speaks when they are this bare, and this well covered beside it. */
    private const LINE_DEG = 8.0;

    private const BARE = 0.25;

    private const COVERED = 0.6;

    /** Nose and tail end narrow: what misses there is no line. */
    private const FROM_U = 0.15;

    private const TO_U = 0.9;

    public function name(): string
    {
        return 'line-left-bare';
    }

    public function check(Painted $painted): array
    {
        foreach ([['the back', 0.0], ['the belly', 180.0]] as [$line, $deg]) {
            foreach ($painted->coats as $coat) {
                $extent = $coat->step->place->extent($painted->recipe->body);
                $meant = $coat->step->aimDeg !== null && $extent->around($deg) > 0.99 && $extent->around(90.0) > 0.99;
                $covers = $meant && $this->covered($painted, [$coat], 90.0) > self::COVERED;
                if ($covers && $this->covered($painted, $painted->coats, $deg) < self::BARE) {
                    return [new Finding(
                        $this->name(), Severity::Caution, $coat->step->id, "A line along {$line} stays bare",
                        "Aimed from where it is, the spray passes {$line} by, and no other coat covers it.",
                        Fix::change('Turn it under the brush', $coat->step->id, ['aim_deg' => null]),
                    )];
                }
            }
        }

        return [];
    }

    /** @param list<PaintedCoat> $coats what of them lies along a line, 0 to 1 */
    private function covered(Painted $painted, array $coats, float $deg): float
    {
        $surface = $painted->surface;
        $sum = $count = 0.0;
        foreach ($surface->theta as $row => $theta) {
            if (abs($theta - $deg) > self::LINE_DEG) {
                continue;
            }
            foreach ($surface->u as $column => $u) {
                if ($u < self::FROM_U || $u > self::TO_U) {
                    continue;
                }
                $open = 1.0;
                foreach ($coats as $coat) {
                    $open *= 1 - min(1.0, $coat->coverage->left[$row * $surface->columns + $column] ?? 0.0);
                }
                $sum += 1 - $open;
                $count++;
            }
        }

        return $count > 0 ? $sum / $count : 1.0;
    }
}
