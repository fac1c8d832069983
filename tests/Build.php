<?php

declare(strict_types=1);

namespace Tests;

use Hawkbrush\Core\Air\Nozzle;
use Hawkbrush\Core\Air\Spraying;
use Hawkbrush\Core\Air\SprayWork;
use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\Unmeasured;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;

/** What core tests are made of: each starts from something plain and is changed as a test wants it. */
final class Build
{
    /** The calculators' example recipe. */
    public static function example(?callable $change = null): Recipe
    {
        $document = Examples::recipe();

        return RecipeReader::read(Node::root($change === null ? $document : $change($document)));
    }

    /**
     * A recipe of these steps on the example's body, with its paints and “half” (half as many solids, large drops),
     * “lacquer” and “water” (no solids). Steps get an id where they have none.
     *
     * @param array<string, mixed> ...$steps
     */
    public static function recipe(array ...$steps): Recipe
    {
        $document = Examples::recipe();
        $document['paints'] += [
            'half' => ['hex' => '#808080', 'kind' => 'opaque', 'solids' => 0.5, 'drop_ml' => 0.1],
            'lacquer' => ['hex' => '#808080', 'kind' => 'opaque', 'family' => 'lacquer'],
            'water' => ['hex' => '#808080', 'kind' => 'opaque', 'solids' => 0],
        ];
        $document['steps'] = array_map(static fn(array $step, int $i): array => $step + ['id' => 'step-'.$i], $steps, array_keys($steps));

        return RecipeReader::read(Node::root($document));
    }

    /**
     * A paint step as a document: sprayed all over.
     *
     * @param array<string, mixed> $fields
     *
     * @return array<string, mixed>
     */
    public static function paintStep(array $fields = [], string $id = 'a', string $paint = 'white'): array
    {
        return $fields + [
            'id' => $id,
            'type' => 'paint',
            'mix' => [['paint' => $paint]],
            'technique' => ['name' => 'spray'],
            'where' => ['zone' => 'whole'],
        ];
    }

    /** @param array<string, mixed> $fields of its step */
    public static function coat(array $fields = []): Coat
    {
        return self::recipe(self::paintStep($fields))->coats()[0];
    }

    /** @param array<string, mixed> $fields of the example's body */
    public static function body(array $fields = []): Body
    {
        return Body::read(Node::root($fields + Examples::body()));
    }

    /**
     * The example's body so many times as large.
     *
     * @param array<string, mixed> $marks
     */
    public static function grownBody(float $by, array $marks = []): Body
    {
        $document = Examples::body();

        return self::body([
            'marks' => $marks,
            'length_mm' => $document['length_mm'] * $by,
            'stations' => array_map(static fn(array $s): array => [$s[0], $s[1] * $by, $s[2] * $by, $s[3] * $by], $document['stations']),
        ]);
    }

    public static function surface(): Surface
    {
        return Surface::of(self::body(), 128, 64);
    }

    /** Of a paint whose swatch is the colour of the film itself. */
    public static function optics(string $hex, Kind $kind): Optics
    {
        return Unmeasured::optics(Colour::fromHex($hex)->reflectance(), $kind);
    }

    /** A way of spraying, through an ordinary nozzle unless one is named. */
    public static function spraying(
        SprayWork $work,
        Kind $kind = Kind::Opaque,
        float $percent = 0,
        float $nozzle = Nozzle::ORDINARY_MM,
        bool $craft = false,
    ): Spraying {
        return new Spraying($work, $kind, $percent / 100, new Nozzle($nozzle), $craft);
    }

    /**
     * A recipe document by chance of so many coats, some through mesh, some stepped, on small and large places.
     *
     * @return array<string, mixed>
     */
    public static function ladder(int $seed, int $steps): array
    {
        mt_srand($seed);
        $places = ['back', 'shoulder', 'flank', 'lower flank', 'belly', 'tail', 'gill plate', 'whole'];
        $document = Examples::recipe();
        $document['paints'] = [];
        foreach (['#f2f2ee', '#111213', '#b3201f', '#f2c51b', '#1d3f9a', '#3b2418'] as $i => $hex) {
            $document['paints']["p{$i}"] = ['hex' => $hex, 'kind' => ['opaque', 'transparent', 'semi-opaque', 'pearl'][mt_rand(0, 3)]];
        }
        $document['steps'] = array_map(static fn(int $i): array => [
            'id' => "s{$i}", 'type' => 'paint', 'mix' => [['paint' => 'p'.mt_rand(0, 5), 'drops' => 1]],
            'technique' => ['name' => ['spray', 'spray', 'spray', 'mesh', 'spot', 'line'][mt_rand(0, 5)]],
            'where' => ['zone' => $places[mt_rand(0, 7)]], 'weight' => ['mist', 'light', 'medium'][mt_rand(0, 2)],
            'set' => ['by' => 'heat', 'minutes' => mt_rand(0, 4) === 0 ? 20 : 0],
        ], range(1, $steps));

        return $document;
    }
}
