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
    /** Patches away from ridge and keel within which a side runs into what both share. */
    private const BLENDED = 0.9;

    /** Added to a seed, it gives the lattices that both sides share. */
    private const RIDGE = 15_485_863;

    private const KEEL = 32_452_843;

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
        // Over ridge and keel a patch goes on from side to side: there both follow one lattice.
        $shared = array_map(
            static fn(int $place): array => self::lattice(new Chance($seeds[0] + $place), $wide * $tall),
            [self::RIDGE, self::KEEL],
        );
        $soft = 0.3 * $choices->number('soft');
        $cut = 1 - $choices->number('cover') - $soft;
        [$columns, $arc, $keel] = [$surface->columns, $surface->arcMm, $surface->keelMm];
        $from = array_map(static fn(float $mm): float => ($reach - $mm) / $size, $surface->flankMm);
        $bends = array_map(static fn(float $u): float => 0.45 * sin($u * $surface->body->lengthMm / $size * 1.7) + 0.5, $surface->u);
        $along = array_map(static fn(float $u): float => $u * $surface->body->lengthMm / $size + 0.5, $surface->u);
        $middle = $reach / $size;
        $near = self::BLENDED * $size;
        $sides = array_map(static fn(): array => [], $seeds);
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
            $way = $arc[$cell] < $keel[$across] - $arc[$cell] ? $arc[$cell] : $keel[$across] - $arc[$cell];
            foreach ($lattices as $side => $lattice) {
                $upper = $lattice[$at] + ($lattice[$at + 1] - $lattice[$at]) * $fx;
                $lower = $lattice[$at + $wide] + ($lattice[$at + $wide + 1] - $lattice[$at + $wide]) * $fx;
                $value = $upper + ($lower - $upper) * $fy;
                if ($way < $near) {
                    $there = $middle + ($side === 0 ? $way : -$way) / $size;
                    $value = self::blended($value, self::at(
                        $shared[$way === $arc[$cell] ? 0 : 1],
                        $wide,
                        $along[$across] + 0.45 * sin($there * 1.9),
                        $there + $bends[$across],
                    ), $way / $near);
                }
                // Smooth::step, written out.
                $in = (($value - 0.5) * 1.6 + 0.5 - $cut) / (2 * $soft);
                if ($in >= 1) {
                    $sides[$side][$cell] = $paint;
                } elseif ($in > 0) {
                    $sides[$side][$cell] = $paint * $in * $in * (3 - 2 * $in);
                }
            }
        }

        return $sides;
    }

    /**
     * Smooth in between the places of a lattice.
     *
     * @param list<float> $lattice
     */
    private static function at(array $lattice, int $wide, float $x, float $y): float
    {
        $column = (int) $x;
        $row = (int) $y;
        $fx = $x - $column;
        $fy = $y - $row;
        $fx = $fx * $fx * (3 - 2 * $fx);
        $fy = $fy * $fy * (3 - 2 * $fy);
        $at = $row * $wide + $column;
        $upper = $lattice[$at] + ($lattice[$at + 1] - $lattice[$at]) * $fx;
        $lower = $lattice[$at + $wide] + ($lattice[$at + $wide + 1] - $lattice[$at + $wide]) * $fx;

        return $upper + ($lower - $upper) * $fy;
    }

    /** Two values by chance run into each other, as lively as either. */
    private static function blended(float $one, float $other, float $share): float
    {
        $share = $share * $share * (3 - 2 * $share);

        return 0.5 + (($one - 0.5) * $share + ($other - 0.5) * (1 - $share)) / sqrt($share * $share + (1 - $share) * (1 - $share));
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
