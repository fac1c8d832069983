<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Node;

/** One film of one paint. */
final class FilmCalculator implements Calculator
{
    /** No film on a bait is thicker, in um. */
    public const THICKEST_UM = 100_000.0;

    public function name(): string
    {
        return 'film';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  paint: {"hex": "#rrggbb", "kind": "opaque|semi-opaque|transparent|pearl|metallic|fluorescent|ink", "seen": "none|matte|clear" (default none)}
                 or {"k": [31], "s": [31]} per micrometre; dry_um
            out: reflectance_over_black [31], transmittance [31]
            TEXT;
    }

    public function example(): array
    {
        return ['paint' => ['hex' => '#5d7051', 'kind' => 'transparent'], 'dry_um' => 5];
    }

    public function calculate(Node $in): array
    {
        $in->only(['paint', 'dry_um']);
        $film = Film::of(Optics::read($in->field('paint')), $in->field('dry_um')->number(0, self::THICKEST_UM));

        return ['reflectance_over_black' => $film->r, 'transmittance' => $film->t];
    }
}
