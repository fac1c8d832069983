<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

/** What is known of three paints before their small triangles are looked at: the ways between each two, and the middle of all. */
final readonly class Three
{
    /** The most that a way through three of the ten places on a line bends. */
    public float $bends;

    /**
     * @param non-empty-list<array{float, float, float}> $places ten, see {@see Lattice::$coarse}
     * @param list<array{float, float, float}> $pulls what pulls each third of the three edges out of straight, see {@see Patch::pull}
     * @param list<array{float, float, float}> $strays by how much the middle of each of these lies off the cubic through the thirds of its edge
     * @param float $bendsOfEdges the most that one of the edges bends
     */
    public function __construct(public array $places, public array $pulls, public array $strays, float $bendsOfEdges)
    {
        $bends = $bendsOfEdges;
        foreach (Lattice::ACROSS as [$from, $to]) {
            $across = Triangle::curve($places[$from], $places[Lattice::MIDDLE], $places[$to]);
            $bends = $across > $bends ? $across : $bends;
        }
        $this->bends = $bends;
    }
}
