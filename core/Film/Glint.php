<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

/**
 * What pearl and metallic flakes throw near the mirror angle. Our own simplification, no published source: flakes
 * cover the film's face one by one, so that the glint of a thin film is its share of flake cover; it is dimmed by all
 * that lies above, there and back.
 */
final class Glint
{
    /** Part of the face that one micrometre of film covers with flakes. */
    private const COVER_PER_UM = 0.14;

    /**
     * @param list<float> $full glint of a film full of flakes, 31 bands
     *
     * @return list<float>
     */
    public static function ofFilm(array $full, float $dryUm): array
    {
        $cover = 1 - exp(-self::COVER_PER_UM * $dryUm);

        return array_map(static fn(float $value): float => $value * $cover, $full);
    }
}
