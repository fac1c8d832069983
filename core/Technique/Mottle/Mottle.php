<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Mottle;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\Chance;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Setting;
use Hawkbrush\Core\Technique\Technique;

/** Irregular patches through a torn or cut stencil: smooth noise of one size, opened where it is high. */
final readonly class Mottle implements Technique
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
            Setting::lengthMm('size_mm', 'Patch size', 0.8, 20, 4),
            Setting::number('cover', 'Open part', '', 0.1, 0.9, 0.4),
            Setting::number('soft', 'Soft edge', '', 0.05, 1, 0.35),
        ];
    }

    public function touches(): bool
    {
        return true;
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
        $size = $choices->number('size_mm');
        $chance = new Chance($seed);
        $lattice = [];
        $wide = (int) ceil($surface->body->lengthMm / $size) + 5;
        $reach = $surface->deepestMm();
        $tall = (int) ceil(2 * $reach / $size) + 5;
        for ($i = 0; $i < $wide * $tall; $i++) {
            $lattice[] = $chance->between(0, 1);
        }
        $soft = 0.3 * $choices->number('soft');
        $cut = 1 - $choices->number('cover') - $soft;
        $columns = $surface->columns;
        $arc = $surface->arcMm;
        $from = array_map(static fn(float $mm): float => ($reach - $mm) / $size, $surface->flankMm);
        $bends = array_map(static fn(float $u): float => 0.45 * sin($u * $surface->body->lengthMm / $size * 1.7) + 0.5, $surface->u);
        $along = array_map(static fn(float $u): float => $u * $surface->body->lengthMm / $size + 0.5, $surface->u);

        $through = [];
        // Written out rather than through Cells::each: patches may cover most of the body, on each side anew.
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
            $upper = $lattice[$at] + ($lattice[$at + 1] - $lattice[$at]) * $fx;
            $lower = $lattice[$at + $wide] + ($lattice[$at + $wide + 1] - $lattice[$at + $wide]) * $fx;
            // Smooth::step, written out.
            $in = (($upper + ($lower - $upper) * $fy - 0.5) * 1.6 + 0.5 - $cut) / (2 * $soft);
            if ($in >= 1) {
                $through[$cell] = $paint;
            } elseif ($in > 0) {
                $through[$cell] = $paint * $in * $in * (3 - 2 * $in);
            }
        }

        return $through;
    }
}
