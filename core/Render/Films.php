<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\Optics;

/** The films of one coat by how thick it lies, each worked out once, for as long as somebody draws with them. */
final class Films
{
    /** @var array<int, Film> by twelfths of the full thickness */
    private array $films = [];

    private readonly float $dryUm;

    public function __construct(Coat $coat, private readonly Optics $optics, private readonly Bands $bands)
    {
        $this->dryUm = $coat->dryUm();
    }

    /** Of a coat that colours; null: it does not. */
    public static function of(Coat $coat, Bands $bands): ?self
    {
        $optics = $coat->optics();

        return $optics === null ? null : new self($coat, $optics, $bands);
    }

    /** @param int $q thickness in twelfths */
    public function at(int $q): Film
    {
        return $this->films[$q] ??= Film::of($this->optics, $this->dryUm * $q / Coverage::FULL, $this->bands);
    }
}
