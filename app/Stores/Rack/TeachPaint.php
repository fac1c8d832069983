<?php

declare(strict_types=1);

namespace App\Stores\Rack;

use Hawkbrush\Core\Coat\CoatDocument;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\CardFilm;
use Hawkbrush\Core\Film\Drawdown;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Illuminate\Support\Facades\DB;

/**
 * Teaches the rack a paint from a card half white, half black. The four colours are as the dry card is seen: matte, or
 * under clear. What a card does not show, glint and glow, stays as it was assumed.
 */
final readonly class TeachPaint
{
    private const COLOURS = ['over_white', 'over_black', 'white', 'black'];

    private const MOST_COATS = 6;

    private const SOURCES = ['typed', 'photograph', 'colorimeter', 'file'];

    public function __construct(private SavePaint $save) {}

    /**
     * {over_white, over_black, white, black, seen: matte (default) or clear, and the film: dry_um, or film: {wet_um,
     * thinning_percent} by a gauge, or film: {drops, area_mm2} drawn out}
     *
     * @return array{Optics, array<string, mixed>} what was found, and what it means beside what was assumed
     *
     * @throws Refused when no paint makes such a card
     */
    public function look(Paint $paint, Node $form): array
    {
        $seen = SurfaceFinish::from($form->optional('seen')?->choice(['matte', 'clear']) ?? 'matte');
        $darkest = $seen->darkestReading();
        $read = $measured = [];
        foreach (self::COLOURS as $name) {
            $colour = Colour::read($form->field($name));
            $curve = $colour->reflectance();
            // The ends of a curve made from a swatch are guesses; only a measured one is held to it band by band.
            if (($colour->isMeasured() ? min([1.0, ...$curve->values]) : Observer::luminous($curve->values)) < $darkest) {
                throw $form->field($name)->refuse(
                    'No matte face is as dark as this: it always throws back some light. Was the card read under clear?',
                );
            }
            $read[] = $seen->body($curve);
            $measured[] = $colour->isMeasured();
        }
        [$overWhite, $overBlack, $white, $black] = $read;
        $dryUm = $this->thick($paint, $form);
        $assumed = $paint->core()->optics;
        $card = $measured[0] && $measured[1]
            ? Drawdown::solve($overWhite, $overBlack, $white, $black, $dryUm, $assumed)
            : Drawdown::ofSwatches($overWhite, $overBlack, $white, $black, $dryUm, $assumed);
        $found = Optics::of($card->optics->k, $card->optics->s, $assumed->glint, $assumed->glow, $assumed->away, $assumed->afterglow);
        $coatUm = Kind::from($paint->kind)->ordinaryCoatUm();

        return [$found, [
            'dry_um' => round($dryUm, 2),
            'contrast_ratio' => round($card->contrastRatio, 4),
            'hides_as' => $card->kind->value,
            'thin_coats_assumed' => $card->assumed,
            'coats' => array_map(
                fn(int $coats): array => $this->compared($assumed, $found, $coats, $coatUm * $coats),
                range(1, self::MOST_COATS),
            ),
        ]];
    }

    public function keep(Paint $paint, Optics $found, Node $form): void
    {
        DB::transaction(function () use ($paint, $found, $form): void {
            $readings = [];
            foreach (self::COLOURS as $name) {
                $readings[$name] = Colour::read($form->field($name))->reflectance()->values;
            }
            Card::query()->create([
                'paint_id' => $paint->id, 'readings' => $readings, 'dry_um' => $this->thick($paint, $form),
                'seen' => $form->optional('seen')?->text() ?? 'matte',
                'source' => $form->optional('source')?->choice(self::SOURCES) ?? self::SOURCES[0],
            ]);
            $this->save->teach($paint, $found);
        });
    }

    /** @throws Refused when nothing of the film stays */
    private function thick(Paint $paint, Node $form): float
    {
        if (! $form->has('film')) {
            return $form->field('dry_um')->number(0, CardFilm::THICKEST_UM);
        }
        $film = $form->field('film')->only(['wet_um', 'thinning_percent', 'drops', 'area_mm2']);
        $um = $film->has('wet_um')
            ? CardFilm::fromGauge(
                $film->field('wet_um')->number(0, CardFilm::THICKEST_WET_UM),
                $paint->solids,
                ($film->optional('thinning_percent')?->number(...CoatDocument::fields()->of('thinning_percent')->bounds()) ?? 0.0) / 100,
            )
            : CardFilm::fromDrops(
                $film->field('drops')->number(0, 500),
                $paint->drop_ml,
                $paint->solids,
                $film->field('area_mm2')->number(10, 1_000_000),
            );

        return $um <= CardFilm::THICKEST_UM
            ? $um
            : throw $film->refuse('This film would be '.round($um).' µm thick when dry. Is the area too small, or in other units?');
    }

    /** @return array<string, mixed> */
    private function compared(Optics $assumed, Optics $found, int $coats, float $dryUm): array
    {
        $over = [];
        foreach (ReadTarget::GROUNDS as $name => $reflectance) {
            $before = $this->seen($assumed, $reflectance, $dryUm);
            $now = $this->seen($found, $reflectance, $dryUm);
            $over[$name] = [
                'assumed' => $before->hex(),
                'found' => $now->hex(),
                'delta_e' => round(DeltaE2000::between($before->lab, $now->lab), 2),
            ];
        }

        return ['coats' => $coats, 'over' => $over];
    }

    private function seen(Optics $optics, float $ground, float $dryUm): Colour
    {
        $state = FilmState::ground(array_fill(0, Spectrum::BANDS, $ground))->under(Film::of($optics, $dryUm));

        return $state->colour(SurfaceFinish::Clear);
    }
}
