<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Mottle;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\Chance;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Press;
use Hawkbrush\Core\Technique\Sided;
use Hawkbrush\Core\Technique\Tool;

/** Irregular patches through a torn or cut stencil: smooth noise of one size, opened where it is high. */
final readonly class Mottle implements Sided
{
    public function name(): string
    {
        return 'mottle';
    }

    public function label(): string
    {
        return 'Mottle through a stencil';
    }

    public function how(): string
    {
        return 'Hold the stencil tight to the surface; aim at the edges of its openings.';
    }

    public function settings(): array
    {
        return [
            Parameter::lengthMm('size_mm', 'Patch size', 0.8, 20, 4),
            Parameter::number('cover', 'Open part', '', 0.1, 0.9, 0.4),
            Parameter::number('soft', 'Soft edge', '', 0.05, 1, 0.35),
        ];
    }

    public function tool(): Tool
    {
        return Tool::Airbrush;
    }

    public function press(): Press
    {
        return Press::Held;
    }

    public function sprayed(): bool
    {
        return true;
    }

    public function mirrored(): bool
    {
        return false;
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        return $this->sides($surface, $choices, [$seed], $open)[0];
    }

    public function sides(Surface $surface, Choices $choices, array $seeds, OpenSpray $open): array
    {
        $size = $choices->number('size_mm');
        $wide = (int) ceil($surface->body->lengthMm / $size) + 5;
        $reach = $surface->deepestMm();
        $tall = (int) ceil(2 * $reach / $size) + 5;
        $lattices = array_map(static fn(int $seed): array => self::lattice(new Chance($seed), $wide * $tall), $seeds);
        $soft = 0.3 * $choices->number('soft');
        $cut = 1 - $choices->number('cover') - $soft;
        $columns = $surface->columns;
        $arc = $surface->arcMm;
        $from = array_map(static fn(float $mm): float => ($reach - $mm) / $size, $surface->flankMm);
        $bends = array_map(static fn(float $u): float => 0.45 * sin($u * $surface->body->lengthMm / $size * 1.7) + 0.5, $surface->u);
        $along = array_map(static fn(float $u): float => $u * $surface->body->lengthMm / $size + 0.5, $surface->u);

        $sides = array_map(static fn(): array => [], $seeds);
        // Written out: patches may cover most of the body.
        foreach ($open->all() as $cell => $paint) {
            $across = $cell % $columns;
            // Bent a little, so that the lattice below does not show; never to below nothing.
            $down = $arc[$cell] / $size + $from[$across];
            $gx = $along[$across] + 0.45 * sin($down * 1.9);
            $gy = $down + $bends[$across];
            $column = (int) $gx;
            $row = (int) $gy;
            $fx = $gx - $column;
            $fy = $gy - $row;
            $fx = $fx * $fx * (3 - 2 * $fx);
            $fy = $fy * $fy * (3 - 2 * $fy);
            $at = $row * $wide + $column;
            foreach ($lattices as $side => $lattice) {
                $upper = $lattice[$at] + ($lattice[$at + 1] - $lattice[$at]) * $fx;
                $lower = $lattice[$at + $wide] + ($lattice[$at + $wide + 1] - $lattice[$at + $wide]) * $fx;
                // Smooth::step, written out.
                $in = (($upper + ($lower - $upper) * $fy - 0.5) * 1.6 + 0.5 - $cut) / (2 * $soft);
                if ($in >= 1) {
                    $sides[$side][$cell] = $paint;
                } elseif ($in > 0) {
                    $sides[$side][$cell] = $paint * $in * $in * (3 - 2 * $in);
                }
            }
        }

        return $sides;
    }

    /** @return list<float> */
    private static function lattice(Chance $chance, int $places): array
    {
        $lattice = [];
        for ($i = 0; $i < $places; $i++) {
            $lattice[] = $chance->between(0, 1);
        }

        return $lattice;
    }
}
