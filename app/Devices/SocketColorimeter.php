<?php

declare(strict_types=1);

namespace App\Devices;

use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\CardFilm;
use Hawkbrush\Core\Node;

/** A colorimeter by its driver: HELLO, or READ and a place. */
final readonly class SocketColorimeter implements Colorimeter
{
    private SocketLine $line;

    /** @param string $address as tcp://127.0.0.1:8720 or unix:///run/colorimeter.sock */
    public function __construct(string $address, Turns $turns)
    {
        $this->line = new SocketLine('colorimeter', $address, $turns);
    }

    public function about(): array
    {
        return $this->line->told('HELLO', static fn(Node $answer): array => [
            'name' => $answer->field('name')->text(80),
            'places' => array_map(static fn(Node $place): array => [
                'id' => $place->field('id')->text(80),
                'label' => $place->field('label')->text(120),
                'note' => $place->optional('note')?->text(200) ?? '',
                'paint' => $place->optional('paint')?->text(80),
                'wet_um' => $place->optional('wet_um')?->number(0, CardFilm::THICKEST_WET_UM),
            ], $answer->optional('places')?->items(0, 2000) ?? []),
        ]);
    }

    public function read(?string $place): Spectrum
    {
        return $this->line->told(rtrim('READ '.preg_replace('/\s+/', ' ', $place ?? '')), static function (Node $answer): Spectrum {
            $answer->field('start')->number(Spectrum::START_NM, Spectrum::START_NM);
            $answer->field('step')->number(Spectrum::STEP_NM, Spectrum::STEP_NM);

            return Spectrum::of($answer->field('values')->numbers(Spectrum::BANDS, 0, 1));
        });
    }
}
