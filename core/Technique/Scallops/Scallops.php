<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Scallops;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Flat\Arc;
use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Technique\Anchor;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\Indexed;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Stencil;

/** A row stencil of scallops moved down the side: each leaves the rim of a scale, hard outside and soft inside. */
final readonly class Scallops extends Stencil implements Cut, Indexed
{
    /** Rows lie so far apart, as a share of a scale's length. */
    private const ROW = 0.62;

    /** The pattern repeats itself: it is worked out in so many places of a scale's length and of a row's height. */
    private const TILE = 32;

    public function name(): string
    {
        return 'scallops';
    }

    public function label(): string
    {
        return 'Scallop rows through a stencil';
    }

    public function how(): string
    {
        return 'Aim at the edge of the opening; index each row on the last scallop of the row before.';
    }

    public function settings(): array
    {
        return [
            Parameter::lengthMm('scale_mm', 'Scale length', 1.5, 20, 5),
            Parameter::lengthMm('rim_mm', 'Rim', 0.3, 8, 1.4),
            Parameter::choice('run', 'Rims towards', ['tail', 'nose']),
        ];
    }

    public function anchors(Body $body, Choices $choices): array
    {
        return [new Anchor('middle of the first scallop, middle row', $body->marks->gillU, 90)];
    }

    /** One row along the side, its scallops pointing to where the rims do; the strip is moved from row to row. */
    public function cut(Surface $surface, Choices $choices, int $seed): Shape
    {
        $scale = $choices->number('scale_mm');
        $count = max(1, (int) ceil($surface->body->lengthMm * 0.8 / $scale));
        $bow = $choices->word('run') === 'tail';
        $edge = [[0.0, 0.0]];
        for ($i = 0; $i < $count; $i++) {
            array_push($edge, ...Arc::chords([$i * $scale, 0.0], [($i + 1) * $scale, 0.0], $scale / 2, $scale / 2, 0, false, ! $bow));
        }

        return Shape::of([[...$edge, [$count * $scale, -2 * $scale], [0.0, -2 * $scale]]])->moved(
            $surface->body->marks->gillU * $surface->body->lengthMm - $scale / 2,
            0,
        );
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $scale = $choices->number('scale_mm');
        $step = $scale * self::ROW;
        $gill = $surface->body->marks->gillU * $surface->body->lengthMm;
        $cells = self::tile(min($choices->number('rim_mm') / $scale, 0.5), $choices->word('run') === 'tail' ? 1 : -1);
        $columns = $surface->columns;
        $cellMm = $surface->body->lengthMm / $columns;
        // Of the tile, the row for each column, in the rows that begin at the index and in those shifted by half a scale.
        $along = [[], []];
        for ($column = 0; $column < $columns; $column++) {
            $across = (($column + 0.5) * $cellMm - $gill) / $scale + 0.5;
            $along[0][] = (int) (($across - floor($across)) * self::TILE) * self::TILE;
            $along[1][] = (int) (($across + 0.5 - floor($across + 0.5)) * self::TILE) * self::TILE;
        }
        $arc = $surface->arcMm;
        $flank = $surface->flankMm;
        // Counted from an even row far above the ridge, so that nothing is below nothing.
        $above = 2.0 * ceil(max([1.0, ...$flank]) / $step);
        $from = array_map(static fn(float $mm): float => $above - $mm / $step, $flank);
        $through = [];
        // Written out rather than through Cells::each: scallops cover most of the side.
        foreach ($open->all() as $cell => $paint) {
            $column = $cell % $columns;
            $down = $arc[$cell] / $step + $from[$column];
            $row = (int) $down;
            $share = $cells[$along[$row & 1][$column] + (int) (($down - $row) * self::TILE)];
            if ($share > 0) {
                $through[$cell] = $paint * $share;
            }
        }

        return $through;
    }

    /**
     * One scale's length of one row, down to the next row, the scallop's middle in the middle of its upper edge: shares
     * column by column.
     *
     * @param float $rim in lengths of a scale
     *
     * @return list<float>
     */
    private static function tile(float $rim, int $way): array
    {
        $tile = [];
        for ($i = 0; $i < self::TILE; $i++) {
            $x = (($i + 0.5) / self::TILE - 0.5) * $way;
            for ($j = 0; $j < self::TILE; $j++) {
                $y = ($j + 0.5) / self::TILE * self::ROW;
                // This row and the next one, shifted by half a scale.
                $tile[] = max(self::rim($x, $y, $rim), self::rim($x > 0 ? $x - 0.5 : $x + 0.5, self::ROW - $y, $rim));
            }
        }

        return $tile;
    }

    private static function rim(float $x, float $y, float $rim): float
    {
        $distance = sqrt($x * $x + $y * $y);

        return $x > 0 && $distance <= 0.5 ? max(0.0, 1 - (0.5 - $distance) / $rim) : 0.0;
    }
}
