<?php

declare(strict_types=1);

namespace App\Stores\Rack;

use App\Http\Input;
use App\Present\CoreView;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Exchange\Bottle;
use Hawkbrush\Core\Exchange\Cgats;
use Hawkbrush\Core\Exchange\GimpPalette;
use Hawkbrush\Core\Exchange\Light;
use Hawkbrush\Core\Exchange\RackCsv;
use Hawkbrush\Core\Exchange\Reading;
use Hawkbrush\Core\Exchange\ResultWriter;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The rack, palettes and measured colours in formats that other programs read. */
final class FormatController
{
    private const MOST_CHARACTERS = 900_000;

    public function table(): Response
    {
        return self::file('rack.csv', 'text/csv', RackCsv::write($this->bottles()));
    }

    /** {csv}: updates bottles of the same name, adds the others; all of it or nothing. */
    public function readTable(Request $request, ImportRack $rack): JsonResponse
    {
        $bottles = self::within(Input::of($request)->only(['csv'])->field('csv'), static fn(string $all): array => RackCsv::read($all));

        return new JsonResponse(self::view($rack->bring($bottles)));
    }

    /** What a table brought in, taken back as one. */
    public function undoTable(string $id, ImportRack $rack): JsonResponse
    {
        return new JsonResponse(self::view($rack->undo($id)));
    }

    /** @return array{id: string, added: int, changed: int, undone: bool} */
    private static function view(Import $import): array
    {
        $added = \count(array_filter($import->paints, static fn(array $one): bool => $one['before'] === null));

        return [
            'id' => $import->id,
            'added' => $added,
            'changed' => \count($import->paints) - $added,
            'undone' => $import->undone_at !== null,
        ];
    }

    public function palette(): Response
    {
        return self::file(
            'rack.gpl',
            'text/plain',
            GimpPalette::write('Rack', array_map(static fn(Bottle $bottle): array => [$bottle->name, $bottle->hex], $this->bottles())),
        );
    }

    /** {text}: the colours of a palette, to be picked from. */
    public function readPalette(Request $request): JsonResponse
    {
        $text = Input::of($request)->only(['text'])->field('text');
        $palette = self::within($text, static fn(string $all): array => GimpPalette::read($all));

        return new JsonResponse([
            'name' => $palette['name'],
            'colours' => array_map(static fn(array $one): array => ['name' => $one[0], 'hex' => $one[1]], $palette['colours']),
        ]);
    }

    /** Both halves of the latest card of each measured paint. */
    public function readings(): Response
    {
        $readings = [];
        $cards = Card::query()->with('paint')->whereRaw(
            'cards.id = (select max(id) from cards latest where latest.paint_id = cards.paint_id)',
        )->get()->sortBy('paint.name');
        foreach ($cards as $card) {
            foreach (['over_white' => 'on white', 'over_black' => 'on black'] as $half => $words) {
                $readings[] = new Reading(
                    "{$card->paint->name}, {$words}",
                    Colour::fromReflectance(Spectrum::of($card->readings[$half])),
                    true,
                );
            }
        }

        return self::file('cards.cgats.txt', 'text/plain', Cgats::write($readings));
    }

    /** {text, light}: the measured colours of a CGATS text, to be picked from. */
    public function readReadings(Request $request): JsonResponse
    {
        $form = Input::of($request)->only(['text', 'light']);
        $text = $form->field('text');
        $asked = $form->optional('light')?->choice(array_column(Light::cases(), 'value'));
        $light = $asked === null ? null : Light::from($asked);
        $readings = self::within($text, static fn(string $all): array => Cgats::read($all, $light));
        $stated = Light::stated($text->lines(self::MOST_CHARACTERS));

        return new JsonResponse([
            'light' => ($light ?? $stated ?? Light::D50)->value,
            'light_stated' => $stated !== null,
            'readings' => array_map(static fn(Reading $one): array => [
                'name' => $one->name, 'spectral' => $one->spectral, 'colour' => CoreView::colour($one->colour),
                'as' => $one->spectral
                    ? ['reflectance' => $one->colour->reflectance()->document()]
                    : ['lab' => ResultWriter::lab($one->colour->lab)],
            ], $readings),
        ]);
    }

    /** @return list<Bottle> */
    private function bottles(): array
    {
        $paints = Paint::query()->whereNull('archived_at')->orderBy('name')->get();

        return array_values($paints->map(static fn(Paint $paint): Bottle => new Bottle(
            $paint->name,
            Kind::from($paint->kind),
            $paint->hex,
            $paint->family,
            $paint->finish,
            $paint->solids,
            $paint->drop_ml,
            $paint->bottle_ml,
            $paint->left_ml,
            $paint->opened_on,
            $paint->drying,
        ))->all());
    }

    /**
     * @template T
     *
     * @param callable(string): T $read
     *
     * @return T
     *
     * @throws Refused at the text
     */
    private static function within(Node $text, callable $read): mixed
    {
        try {
            return $read($text->lines(self::MOST_CHARACTERS));
        } catch (Refused $e) {
            throw $e->pointer === '' ? $text->refuse($e->getMessage()) : $e;
        }
    }

    private static function file(string $name, string $type, string $text): Response
    {
        return new Response($text, 200, [
            'Content-Type' => $type.'; charset=UTF-8',
            'Content-Disposition' => "attachment; filename=\"{$name}\"",
        ]);
    }
}
