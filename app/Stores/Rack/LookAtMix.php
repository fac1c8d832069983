<?php

declare(strict_types=1);

namespace App\Stores\Rack;

use App\Present\CoreView;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** How a mix looks before it is mixed: over black, grey and white, and over any step of a pattern, coat by coat. */
final readonly class LookAtMix
{
    public function __construct(private ReadMix $parts, private ReadTarget $target) {}

    /**
     * {parts, over, coats, weight, thinning_percent}
     *
     * @return array<string, mixed>
     *
     * @throws Refused
     */
    public function look(Node $form): array
    {
        $form->only(['parts', 'over', ...SprayedFilm::FIELDS]);
        $mix = new Mixture($this->parts->read($form->field('parts')));
        $film = SprayedFilm::read($form);
        $paint = $mix->paint('mix', $mix->name());
        $coatUm = $film->coatUm($paint->solids);
        $over = array_map(static fn(float $reflectance): Spectrum => Spectrum::flat($reflectance), ReadTarget::GROUNDS);
        if ($form->has('over')) {
            $over['there'] = $this->target->ground($form->field('over'));
        }

        return [
            'hex' => $paint->hex,
            'kind' => $paint->kind->value,
            'solids' => round($paint->solids, 4),
            'family' => $paint->family,
            'from_card' => $paint->fromCard,
            'warning' => $mix->warning(), 'coat_um' => round($coatUm, 2),
            'over' => array_map(static fn(string $name, Spectrum $ground): array => [
                'name' => $name,
                'ground' => CoreView::colour(SurfaceFinish::Clear->colour($ground->values)),
                'after' => array_map(
                    static fn(int $coats): array => CoreView::colour(self::laid($paint->optics, $ground, $coatUm * $coats)),
                    range(1, $film->coats),
                ),
            ], array_keys($over), array_values($over)),
        ];
    }

    private static function laid(Optics $optics, Spectrum $ground, float $um): Colour
    {
        return FilmState::ground($ground->values)->under(Film::of($optics, $um))->colour(SurfaceFinish::Clear);
    }
}
