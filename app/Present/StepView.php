<?php

declare(strict_types=1);

namespace App\Present;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Exchange\StepWriter;
use Hawkbrush\Core\Pattern\PaintStep;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Pattern\Step;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Run\Cautions;
use Hawkbrush\Core\Run\How;
use Hawkbrush\Core\Run\Record;
use Hawkbrush\Core\Technique\Anchor;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\Indexed;

/** A step as a rung of the Ladder: what stands in the document, and what is computed from it. */
final class StepView
{
    private const COLUMNS = 48;

    private const ROWS = 24;

    /** @return list<array<string, mixed>> */
    public static function all(Recipe $recipe): array
    {
        $surface = Surface::of($recipe->body, self::COLUMNS, self::ROWS * 2);

        return array_map(
            static fn(Step $step, int $i): array => ['document' => StepWriter::write($step), 'shown' => self::shown($step, $i + 1, $surface)],
            $recipe->steps,
            array_keys($recipe->steps),
        );
    }

    /** @return array<string, mixed> */
    private static function shown(Step $step, int $number, Surface $surface): array
    {
        $body = $surface->body;
        $common = ['number' => $number, 'name' => self::name($step), 'how' => How::say($step), 'for_all' => Record::doneForAllAtOnce($step), 'cautions' => Cautions::ofStep($step)];
        if (! $step instanceof PaintStep) {
            return $common;
        }

        return $common + [
            'colour' => $step->colourName(),
            'technique' => $step->technique->label(),
            'index' => self::index($step, $body),
            'cut' => $step->technique instanceof Cut,
            'sprayed' => $step->byAir(),
            'where' => $step->place->label(),
            'dry_um' => round($step->dryUm(), 2),
            'chip' => Chip::of($step->optics(), $step->dryUm()),
            'cover' => self::cover($step, $surface),
        ];
    }

    /** @return list<string> where its marks are placed from, the same on both sides */
    private static function index(PaintStep $step, Body $body): array
    {
        return $step->technique instanceof Indexed ? array_map(static fn(Anchor $a): string => $a->say($body), $step->technique->anchors($body, $step->choices)) : [];
    }

    public static function name(Step $step): string
    {
        return match (true) {
            $step->title !== '' => $step->title,
            $step instanceof PaintStep => $step->colourName(),
            default => ucfirst($step->type()),
        };
    }

    /** Fifteenths of cover on the left half, one hexadecimal digit a cell, 48 columns by 24 rows from ridge to belly. */
    private static function cover(PaintStep $step, Surface $surface): string
    {
        $cover = Coverage::of($step, $surface)->left;
        $digits = '';
        for ($cell = 0; $cell < self::COLUMNS * self::ROWS; $cell++) {
            $digits .= dechex((int) (15 * ($cover[$cell] ?? 0.0)));
        }

        return $digits;
    }
}
