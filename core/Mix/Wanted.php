<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Mix;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\CardFilm;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Refused;

/** A colour to be met, and the film by which it is to be met: how thick, over what ground, under which look. */
final readonly class Wanted
{
    /**
     * @param Spectrum $ground of the film below, without its surface
     *
     * @throws Refused when the film is not one that can be laid
     */
    public function __construct(public Lab $lab, public Spectrum $ground, public float $dryUm, public SurfaceFinish $finish)
    {
        if ($dryUm <= 0 || $dryUm > CardFilm::THICKEST_UM) {
            throw Refused::at('/dry_um', 'The film is more than 0 and at most '.CardFilm::THICKEST_UM.' µm thick.');
        }
    }

    /** Colour of a paint in this film under flat light. */
    public function shows(Optics $optics): Colour
    {
        $state = FilmState::ground($this->ground->values)->under(Film::of($optics, $this->dryUm));

        return $state->colour($this->finish);
    }
}
