<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Drying\Room;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Look;
use Hawkbrush\Core\Pattern\PaintStep;
use Hawkbrush\Core\Pattern\Recipe;

/** The film at one point, cut through: each coat with its thickness, what it does to the light, and the colour after it. */
final readonly class Core
{
    /** Less of the colour below than this no longer counts. */
    private const COUNTS = 0.12;

    /** @param list<CoreCoat> $coats from the body outwards */
    private function __construct(public float $u, public float $thetaDeg, public Colour $ground, public array $coats, public string $cause) {}

    public static function at(Recipe $recipe, Surface $surface, Room $room, Look $look, float $u, float $thetaDeg, ?string $upto = null): self
    {
        $cell = $surface->cellAt($u, $thetaDeg);
        $right = $thetaDeg > 180;
        $field = Field::bare($surface);
        $before = $ground = self::seen($field->states[0], $look);
        $coats = [];
        foreach ($recipe->lit() as $step) {
            if ($step instanceof PaintStep) {
                $field = $field->with($step, $room);
                $coverage = Coverage::of($step, $surface);
                $q = ($right ? $coverage->right : $coverage->left)[$cell] ?? 0;
                $optics = $step->optics();
                if ($q > 0 && $optics !== null) {
                    $um = $step->dryUm() * $q / Coverage::FULL;
                    $film = Film::of($optics, $um);
                    $after = self::seen($field->states[($right ? $field->right : $field->left)[$cell]], $look);
                    $coats[] = new CoreCoat($step->id, $recipe->number($step->id), $step->colourName(), $um, $after,
                        Observer::luminous($film->t2), Observer::luminous($film->r), DeltaE2000::between($before->lab, $after->lab),
                        self::allFromCards($step));
                    $before = $after;
                }
            }
            if ($step->id === $upto) {
                break;
            }
        }

        return new self($u, $thetaDeg, $ground, $coats, self::cause($coats));
    }

    private static function seen(FilmState $state, Look $look): Colour
    {
        return Colour::fromReflectance(Spectrum::of($look->seen($state->flat())));
    }

    private static function allFromCards(PaintStep $step): bool
    {
        foreach ($step->mix as [$paint]) {
            if (! $paint->fromCard) {
                return false;
            }
        }

        return true;
    }

    /** @param list<CoreCoat> $coats */
    private static function cause(array $coats): string
    {
        $count = \count($coats);
        if ($count === 0) {
            return 'Nothing lies here: this is the bare body.';
        }
        $top = $coats[$count - 1];
        if ($count === 1) {
            return \sprintf('Only %s lies here; it lets %d %% of the body below through.', self::name($top), round($top->passes * 100));
        }
        $below = $coats[$count - 2];
        $sentence = $top->passes < self::COUNTS
            ? \sprintf('%s covers: only %d %% of what lies below still shows.', ucfirst(self::name($top)), round($top->passes * 100))
            : \sprintf('%s keeps %d %% of the %s below%s', ucfirst(self::name($top)), round($top->passes * 100), self::name($below), self::turn($below->after->lab, $top->after->lab));
        $passes = 1.0;
        for ($i = $count - 1; $i > 0; $i--) {
            $passes *= $coats[$i]->passes;
            if ($passes < self::COUNTS && $i < $count - 1) {
                return $sentence.\sprintf(' %s under it no longer counts.', ucfirst(self::name($coats[$i - 1])));
            }
        }

        return $sentence;
    }

    private static function name(CoreCoat $coat): string
    {
        return mb_strtolower($coat->name);
    }

    private static function turn(Lab $from, Lab $to): string
    {
        $lightness = $to->l - $from->l;
        $chroma = $to->chroma() - $from->chroma();

        return match (true) {
            abs($lightness) >= abs($chroma) && $lightness < -1 => \sprintf(' and darkens it by %d L*.', round(-$lightness)),
            abs($lightness) >= abs($chroma) && $lightness > 1 => \sprintf(' and lightens it by %d L*.', round($lightness)),
            $chroma > 1 => \sprintf(' and adds %d chroma.', round($chroma)),
            $chroma < -1 => \sprintf(' and greys it by %d chroma.', round(-$chroma)),
            default => ' and hardly changes it.',
        };
    }
}
