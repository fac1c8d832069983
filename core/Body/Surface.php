<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

use Hawkbrush\Core\Refused;

/**
 * The left half of a body's surface as a grid of cells, row by row from the back ridge (theta 0) to the belly (180),
 * each row from nose to tail. The right half is its mirror. Made once for a body and kept: it knows nothing of paint.
 *
 * All lists have rows x columns entries, index = row * columns + column.
 */
final readonly class Surface
{
    /** @var list<float> way in mm from the back ridge to the keel, by column */
    public array $keelMm;

    /** @var list<float> half the mean height of a cell in mm, at least 0.01, by column */
    public array $halfMm;

    private float $deepestMm;

    /**
     * @param list<float> $u of each column's middle
     * @param list<float> $theta of each row's middle, degrees
     * @param list<float> $normalY component of the outward normal towards the left flank
     * @param list<float> $normalZ component of the outward normal upwards
     * @param list<float> $arcMm way in mm around the section from the back ridge
     * @param list<float> $areaMm2 of each cell
     * @param list<float> $flankMm way in mm from the back ridge to the widest line, by column
     */
    private function __construct(
        public Body $body,
        public int $columns,
        public int $rows,
        public array $u,
        public array $theta,
        public array $normalY,
        public array $normalZ,
        public array $arcMm,
        public array $areaMm2,
        public array $flankMm,
    ) {
        $keel = \array_slice($arcMm, -$columns);
        // The last row's middle lies half a cell before the keel.
        $halves = 2 * $rows - 1;
        $this->halfMm = array_map(static fn(float $mm): float => max(0.01, $mm / $halves), $keel);
        $this->keelMm = array_map(static fn(float $mm, float $half): float => $mm + $half, $keel, $this->halfMm);
        $this->deepestMm = max([1.0, ...$keel]);
    }

    /** Way in mm from the back ridge to the keel where it is longest, at least 1. */
    public function deepestMm(): float
    {
        return $this->deepestMm;
    }

    /**
     * @param int $columns cells along the length
     * @param int $around cells around the whole body, even
     *
     * @throws Refused when the grid is too coarse or too fine to be of use
     */
    public static function of(Body $body, int $columns = 256, int $around = 128): self
    {
        if ($columns < 8 || $columns > 1024 || $around < 8 || $around > 512 || $around % 2 !== 0) {
            throw Refused::because('A surface has 8 to 1024 cells along and an even 8 to 512 around.');
        }
        $rows = intdiv($around, 2);
        $facets = Section::half($rows, $body->exponent)->facets();
        $normalY = $normalZ = $arc = $area = array_fill(0, $rows * $columns, 0.0);
        $us = $flank = [];
        $cellMm = $body->lengthMm / $columns;
        [$half, $top, $bottom] = self::section($body, 0.0);
        for ($i = 0; $i < $columns; $i++) {
            $us[] = ($i + 0.5) / $columns;
            [$frontHalf, $frontTop, $frontBottom] = [$half, $top, $bottom];
            [$half, $top, $bottom] = self::section($body, ($i + 1) / $columns);
            // A cell is the facet of the section in its middle, and grows towards the tail as the section does.
            $wide = ($frontHalf + $half) / 2;
            $high = ($frontTop + $top) / 2;
            $low = ($frontBottom + $bottom) / 2;
            $wider = $half - $frontHalf;
            $higher = $top - $frontTop;
            $lower = $bottom - $frontBottom;
            $along = $flankMm = 0.0;
            $cell = $i;
            foreach ($facets as $j => [$stepY, $stepUp, $stepDown, $y, $up, $down]) {
                $acrossY = $wide * $stepY;
                $acrossZ = $high * $stepUp + $low * $stepDown;
                $nx = $acrossY * ($higher * $up + $lower * $down) - $acrossZ * $wider * $y;
                $ny = -$acrossZ * $cellMm;
                $nz = $acrossY * $cellMm;
                $size = sqrt($nx * $nx + $ny * $ny + $nz * $nz);
                $area[$cell] = $size;
                if ($size > 0) {
                    $normalY[$cell] = $ny / $size;
                    $normalZ[$cell] = $nz / $size;
                }
                $length = sqrt($acrossY * $acrossY + $acrossZ * $acrossZ);
                $arc[$cell] = $along + $length / 2;
                $along += $length;
                if (($j + 1) * 2 <= $rows) {
                    $flankMm = $along;
                }
                $cell += $columns;
            }
            $flank[] = $flankMm;
        }
        $theta = array_map(static fn(int $j): float => ($j + 0.5) * 180 / $rows, range(0, $rows - 1));

        return new self(
            $body,
            $columns,
            $rows,
            $us,
            $theta,
            array_values($normalY), array_values($normalZ), array_values($arc), array_values($area), $flank,
        );
    }

    /** @param array<mixed> $plain as {@see toArray} gave it, of the same body and as fine */
    public static function fromArray(Body $body, int $columns, int $around, array $plain): self
    {
        /** @var array{list<float>, list<float>, list<float>, list<float>, list<float>, list<float>, list<float>} $plain */
        return new self($body, $columns, intdiv($around, 2), ...$plain);
    }

    /** @return array<mixed> as lists of numbers */
    public function toArray(): array
    {
        return [$this->u, $this->theta, $this->normalY, $this->normalZ, $this->arcMm, $this->areaMm2, $this->flankMm];
    }

    /** @return array{float, float, float} half width, and height above and below the axis, in mm */
    private static function section(Body $body, float $u): array
    {
        return [$body->halfWidthAt($u), $body->topAt($u), $body->bottomAt($u)];
    }

    /** The cell nearest to a place; theta is folded onto the left half. */
    public function cellAt(float $u, float $thetaDeg): int
    {
        $folded = $thetaDeg > 180 ? 360 - $thetaDeg : $thetaDeg;
        $column = max(0, min($this->columns - 1, (int) floor($u * $this->columns)));
        $row = max(0, min($this->rows - 1, (int) floor($folded / 180 * $this->rows)));

        return $row * $this->columns + $column;
    }
}
