<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Paint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Exchange\PaintReader;
use Hawkbrush\Core\Film\Drawdown;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Look;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/**
 * Teaches the rack a paint from a card half white, half black. The four colours are as the dry card is seen: matte, or
 * under clear. What a card does not show, glint and glow, stays as it was assumed.
 */
final class TeachPaint
{
    private const COLOURS = ['over_white', 'over_black', 'white', 'black'];

    /** How far below what a matte face throws back a reading may fall. */
    private const READING = 0.75;

    private const MOST_COATS = 6;

    private const GROUNDS = ['black' => 0.02, 'grey' => 0.3, 'white' => 0.9];

    /**
     * {over_white, over_black, white, black, dry_um, seen: matte (default) or clear}
     *
     * @return array{Optics, array<string, mixed>} what was found, and what it means beside what was assumed
     *
     * @throws Refused when no paint makes such a card
     */
    public function look(Paint $paint, Node $form): array
    {
        $seen = Look::from($form->optional('seen')?->choice(['matte', 'clear']) ?? 'matte');
        $darkest = min($seen->seen([0.0]) ?: [0.0]) * self::READING;
        $read = [];
        foreach (self::COLOURS as $name) {
            $curve = PaintReader::colour($form->field($name))->reflectance();
            if (min([1.0, ...$curve->values]) < $darkest) {
                throw $form->field($name)->refuse('No matte face is as dark as this: it always throws back some light. Was the card read under clear?');
            }
            $read[] = $seen->body($curve);
        }
        [$overWhite, $overBlack, $white, $black] = $read;
        $card = Drawdown::of($overWhite, $overBlack, $white, $black, $form->field('dry_um')->number(0, 1000));
        $assumed = $paint->core()->optics;
        $found = Optics::of($card->optics->k, $card->optics->s, $assumed->glint, $assumed->glow);
        $coatUm = Kind::from($paint->kind)->ordinaryCoatUm();

        return [$found, [
            'contrast_ratio' => round($card->contrastRatio, 4),
            'hides_as' => $card->kind->value,
            'coats' => array_map(fn(int $coats): array => $this->compared($assumed, $found, $coats, $coatUm * $coats), range(1, self::MOST_COATS)),
        ]];
    }

    public function keep(Paint $paint, Optics $found): void
    {
        $paint->update([
            'optics' => array_filter(['k' => $found->k->values, 's' => $found->s->values, 'glint' => $found->glint?->values, 'glow' => $found->glow?->values]),
            'from_card' => true,
            'revision' => $paint->revision + 1,
        ]);
    }

    /** @return array<string, mixed> */
    private function compared(Optics $assumed, Optics $found, int $coats, float $dryUm): array
    {
        $over = [];
        foreach (self::GROUNDS as $name => $reflectance) {
            $before = $this->seen($assumed, $reflectance, $dryUm);
            $now = $this->seen($found, $reflectance, $dryUm);
            $over[$name] = ['assumed' => $before->hex(), 'found' => $now->hex(), 'delta_e' => round(DeltaE2000::between($before->lab, $now->lab), 2)];
        }

        return ['coats' => $coats, 'over' => $over];
    }

    private function seen(Optics $optics, float $ground, float $dryUm): Colour
    {
        $state = FilmState::ground(array_fill(0, Spectrum::BANDS, $ground))->under(Film::of($optics, $dryUm));

        return Colour::fromReflectance(Spectrum::of(Look::Clear->seen($state->flat())));
    }
}
