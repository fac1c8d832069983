<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Devices\PaintedCard;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Film\Unmeasured;

/** The cards the invented shop has painted. What is in the bottle is never quite what swatch and kind make one think. */
final class DemoCards
{
    /** By paint: strength of K and of S against the guess, and how K leans from blue to red; wet film in um. Invented. */
    private const CARDS = [
        'white' => [1.3, 0.86, 0.1, 45], 'bone' => [1.1, 0.8, 0.2, 50], 'amber' => [1.2, 1.35, -0.1, 45], 'orange' => [0.9, 1.5, 0.1, 40],
        'red' => [1.25, 2.2, 0.15, 40], 'moss' => [0.85, 2.8, -0.15, 45], 'sepia' => [1.15, 1.9, 0.1, 40], 'smoke' => [0.9, 2.0, 0.1, 40],
        'blue' => [1.1, 1.7, -0.2, 40], 'silverpearl' => [1.2, 0.8, 0.0, 60], 'gold' => [1.05, 0.7, 0.1, 55], 'ink' => [1.2, 1.6, 0.05, 30],
    ];

    /** @return array<string, PaintedCard> by paint */
    public static function all(): array
    {
        $cards = [];
        foreach (self::CARDS as $key => [$strongerK, $strongerS, $lean, $wetUm]) {
            [$name, $kind, $hex, $solids] = DemoStores::paints()[$key];
            $guess = Unmeasured::optics(SurfaceFinish::Clear->body(Colour::fromHex($hex)->reflectance()), Kind::from($kind));
            $cards[$key] = new PaintedCard($name, Optics::of(
                self::leant($guess->k, $strongerK, $lean),
                self::leant($guess->s, $strongerS, -$lean / 2),
            ), (float) $wetUm, $solids);
        }

        return $cards;
    }

    private static function leant(Spectrum $curve, float $by, float $lean): Spectrum
    {
        return $curve->map(static fn(float $value, int $nm): float => $value * $by * (1 + $lean * ($nm - 550) / 150));
    }
}
