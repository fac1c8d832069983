<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * What a spray leaves on a test sheet, as drops of paint on a sheet of 120 by 60: how dense, how coarse, how hard its edge.
 * Drops scatter about the stroke by a bell, as they do in the model of the spray; the same work always gives the same mark.
 * It is a drawing to know a mark by, not a forecast of one.
 */
final class Mark
{
    public const WIDTH = 120;

    public const HEIGHT = 60;

    private const SEED = 1912;

    /** @var list<array{float, float, float}> */
    private array $drops = [];

    private readonly Randomizer $chance;

    private function __construct(int $seed)
    {
        $this->chance = new Randomizer(new Xoshiro256StarStar(self::SEED + $seed));
    }

    /** @return list<array{float, float, float}> x, y and radius of each drop when it is right */
    public static function good(SprayWork $work): array
    {
        $mark = new self(100 + (int) array_search($work, SprayWork::cases(), true));
        match ($work) {
            SprayWork::Base => $mark->stroke(1700, 11, 0.55),
            SprayWork::LayIn => $mark->stroke(1500, 9, 0.6),
            SprayWork::Coat => $mark->stroke(1100, 8, 0.5),
            SprayWork::Fade => $mark->stroke(750, 6, 0.4),
            SprayWork::Dusting => $mark->stroke(480, 13, 0.4),
            SprayWork::Mesh => $mark->stroke(1500, 14, 0.5, static fn(float $x, float $y): bool
                => fmod($x + 200, 12) > 3 && fmod($y + 200, 10) > 3),
            SprayWork::Stencil => $mark->stroke(1900, 13, 0.5, static fn(float $x, float $y): bool
                => ($x - 60) ** 2 + ($y - 30) ** 2 < 400),
            SprayWork::Dot => $mark->cluster(60, 30, 900, 6, 0.4),
            SprayWork::Splatter => $mark->thrown(45, 0.6, 2.2),
        };

        return $mark->drops;
    }

    /** @return list<array{float, float, float}> x, y and radius of each drop as a fault leaves them */
    public static function fault(Fault $fault): array
    {
        $mark = new self((int) array_search($fault, Fault::cases(), true));
        match ($fault) {
            Fault::SpiderLegs => $mark->legs(),
            Fault::Creep => $mark->ring(),
            Fault::Spit => $mark->spit(),
            Fault::Grain => $mark->stroke(90, 10, 1.7),
            Fault::DryTip => $mark->split(),
            Fault::Clog => $mark->stroke(800, 8, 0.5, static fn(float $x): bool => $x < 42),
            Fault::Pulsing => $mark->stroke(1300, 8, 0.5, static fn(float $x): bool => fmod($x, 20) < 11),
            Fault::Blur => $mark->blur(),
            Fault::Lifted => $mark->field(static fn(float $x, float $y): bool
                => (($x - 66) / 26) ** 2 + (($y - 30) / 13 + 0.3 * sin($x / 4)) ** 2 > 1),
            Fault::MeshPrint => $mark->field(static fn(float $x, float $y): bool
                => fmod($x + 0.6 * $y, 16) > 3.6 && fmod($x - 0.6 * $y + 200, 16) > 3.6),
            Fault::Halo => $mark->halo(),
            Fault::Wrinkle => $mark->field(static fn(float $x, float $y): bool => fmod($y + 5 * sin($x / 6) + 60, 11) > 4.5),
            Fault::Run => $mark->run(),
            Fault::SpongeBlob => $mark->blobs(),
        };

        return $mark->drops;
    }

    /** @param (callable(float, float): bool)|null $through */
    private function stroke(int $count, float $sigma, float $radius, ?callable $through = null): void
    {
        for ($i = 0; $i < $count; $i++) {
            $x = 8 + 104 * $this->uniform();
            $y = 30 + $sigma * $this->normal();
            if ($through === null || $through($x, $y)) {
                $this->drop($x, $y, $radius * (0.6 + 0.8 * $this->uniform()));
            }
        }
    }

    private function cluster(float $x, float $y, int $count, float $sigma, float $radius): void
    {
        for ($i = 0; $i < $count; $i++) {
            $this->drop($x + $sigma * $this->normal(), $y + $sigma * $this->normal(), $radius * (0.6 + 0.8 * $this->uniform()));
        }
    }

    private function thrown(int $count, float $least, float $most): void
    {
        for ($i = 0; $i < $count; $i++) {
            $this->drop(8 + 104 * $this->uniform(), 6 + 48 * $this->uniform(), $least + ($most - $least) * $this->uniform() ** 3);
        }
    }

    private function legs(): void
    {
        $this->cluster(60, 30, 160, 6, 1.1);
        for ($leg = 0; $leg < 9; $leg++) {
            $angle = $leg * 2 * M_PI / 9 + 0.4 * $this->uniform();
            [$x, $y] = [60.0, 30.0];
            for ($i = 0; $i < 26; $i++) {
                $angle += 0.25 * $this->normal();
                [$x, $y] = [$x + 1.5 * cos($angle), $y + 0.9 * sin($angle)];
                $this->drop($x, $y, max(0.3, 1.1 - 0.03 * $i));
            }
        }
    }

    private function ring(): void
    {
        for ($i = 0; $i < 260; $i++) {
            $angle = 2 * M_PI * $this->uniform();
            $away = 17 + 2.2 * $this->normal();
            $this->drop(60 + 1.6 * $away * cos($angle), 30 + $away * sin($angle), 0.7 + 0.6 * $this->uniform());
        }
        $this->cluster(60, 30, 25, 7, 0.6);
    }

    private function spit(): void
    {
        $this->stroke(800, 8, 0.45);
        $this->thrown(11, 1.8, 3.4);
    }

    private function split(): void
    {
        for ($i = 0; $i < 330; $i++) {
            $x = 8 + 104 * $this->uniform();
            $side = $this->uniform() < 0.5 ? -1 : 1;
            $this->drop($x, 30 + 5 * sin($x / 11) + $side * $x / 12 + 2.2 * $this->normal(), 0.6 + 0.5 * $this->uniform());
        }
    }

    private function blur(): void
    {
        for ($i = 0; $i < 420; $i++) {
            $x = 60 + 50 * $this->uniform();
            $this->drop($x, 8 + 44 * $this->uniform(), 0.9);
        }
        for ($i = 0; $i < 110; $i++) {
            $this->drop(60 - 14 * $this->uniform() ** 2, 8 + 44 * $this->uniform(), 0.9);
        }
    }

    /** @param callable(float, float): bool $is */
    private function field(callable $is): void
    {
        for ($i = 0; $i < 2300; $i++) {
            [$x, $y] = [8 + 104 * $this->uniform(), 6 + 48 * $this->uniform()];
            if ($is($x, $y)) {
                $this->drop($x, $y, 0.8);
            }
        }
    }

    private function halo(): void
    {
        for ($i = 0; $i < 460; $i++) {
            $this->drop(50 + 20 * $this->uniform(), 6 + 48 * $this->uniform(), 0.9);
            if ($i % 3 === 0) {
                $side = $this->uniform() < 0.5 ? 44 - 5 * $this->uniform() : 76 + 5 * $this->uniform();
                $this->drop($side, 6 + 48 * $this->uniform(), 0.6);
            }
        }
    }

    private function run(): void
    {
        $this->cluster(60, 16, 240, 6, 1.0);
        for ($i = 0; $i < 34; $i++) {
            $this->drop(62 + 0.5 * sin($i / 3), 18 + $i, 1.3);
        }
        $this->drop(62, 53, 2.8);
    }

    private function blobs(): void
    {
        for ($i = 0; $i < 9; $i++) {
            $this->cluster(16 + 88 * $this->uniform(), 12 + 36 * $this->uniform(), 22, 2.6, 2.2);
        }
    }

    private function drop(float $x, float $y, float $radius): void
    {
        if ($x > 1 && $x < self::WIDTH - 1 && $y > 1 && $y < self::HEIGHT - 1) {
            $this->drops[] = [round($x, 1), round($y, 1), round($radius, 1)];
        }
    }

    private function uniform(): float
    {
        return $this->chance->getInt(0, 999_999) / 1_000_000;
    }

    /** Box and Muller. */
    private function normal(): float
    {
        return sqrt(-2 * log(max(1e-6, $this->uniform()))) * cos(2 * M_PI * $this->uniform());
    }
}
