<?php

declare(strict_types=1);

namespace App\Devices;

use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\SurfaceFinish;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * An instrument that is not there: it reads the painted cards of the demo as a small handheld one would, with noise in
 * each band, a lamp that is never quite as bright as the last time, and a little stray light.
 */
final readonly class SimulatedColorimeter
{
    private const BAND_NOISE = 0.0015;

    private const LAMP_NOISE = 0.003;

    private const STRAY = 0.0008;

    private Randomizer $chance;

    /** @param array<string, PaintedCard> $cards by id */
    public function __construct(private array $cards, ?int $seed = null)
    {
        $this->chance = new Randomizer(new Xoshiro256StarStar($seed));
    }

    /** The answer to one line. */
    public function answer(string $line): string
    {
        $words = explode(' ', trim($line), 2);

        return match ($words[0]) {
            'HELLO' => 'OK '.json_encode(['name' => 'Simulated colorimeter', 'places' => $this->places()], JSON_UNESCAPED_UNICODE),
            'READ' => $this->read($words[1] ?? ''),
            default => 'ERR it knows HELLO and READ, and a place.',
        };
    }

    /** @return list<array{id: string, label: string, note: string, paint: string, wet_um: float}> */
    private function places(): array
    {
        $places = [];
        foreach ($this->cards as $id => $card) {
            foreach (PaintedCard::HALVES as $half => $words) {
                $places[] = [
                    'id' => "{$id}:{$half}",
                    'label' => "{$card->name}, {$words}",
                    'note' => \sprintf('%.0f µm wet by the gauge, not thinned', $card->wetUm),
                    'paint' => $card->name,
                    'wet_um' => $card->wetUm,
                ];
            }
        }

        return $places;
    }

    private function read(string $place): string
    {
        [$id, $half] = explode(':', $place, 2) + ['', ''];
        $card = $this->cards[$id] ?? null;
        if ($card === null || ! isset(PaintedCard::HALVES[$half])) {
            return 'ERR no-card: it is not standing on a card.';
        }
        $state = FilmState::ground(array_fill(0, 31, str_ends_with($half, 'white') ? PaintedCard::WHITE : PaintedCard::BLACK));
        if (str_starts_with($half, 'over_')) {
            $state = $state->under(Film::of($card->optics, $card->wetUm * $card->solids));
        }
        $lamp = 1 + self::LAMP_NOISE * $this->normal();
        $values = array_map(
            fn(float $seen): float => round(max(0.0, min(1.0, $seen * $lamp + self::STRAY + self::BAND_NOISE * $this->normal())), 5),
            SurfaceFinish::Matte->seen($state->r),
        );

        return 'OK '.json_encode(['start' => 400, 'step' => 10, 'values' => $values]);
    }

    /** Box and Muller. */
    private function normal(): float
    {
        $one = $this->chance->getInt(1, 1_000_000) / 1_000_000;
        $two = $this->chance->getInt(0, 999_999) / 1_000_000;

        return sqrt(-2 * log($one)) * cos(2 * M_PI * $two);
    }
}
