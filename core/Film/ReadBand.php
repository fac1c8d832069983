<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

/**
 * What one band of a card says of K and S. From R = R0 + T^2 Rg / (1 - R0 Rg) over two grounds (Kubelka, J. Opt. Soc. Am.
 * 38, 448 (1948)) the terms in R0^2 cancel, and R0 = (W Rb - B Rw) / (W - B + W B (Rb - Rw)); then T from either ground,
 * a = (1 + R0^2 - T^2) / 2 R0 and bSX = arsinh(b R0 / T).
 */
final readonly class ReadBand
{
    /** So far off is a reading of a small instrument. Guessed. */
    private const READING = 0.002;

    /** S drowns in what readings stray where less comes through a film there and back (T^2) than so many times that. */
    private const TOLD = 3;

    /** A film that gives back less over black gives back too little to tell what it scatters. */
    private const FAINT = 0.015;

    /** No film that hides gives back less, as far as can be read. */
    private const DARKEST = 0.001;

    /**
     * @param float $k per micrometre
     * @param float $s per micrometre
     * @param float $least what S is at least
     * @param bool $faint whether it gives back so little light that what it scatters is hardly told by that
     * @param float|null $off how far off S may be, as a logarithm; INF: anything above its least; null: it is left as it is
     */
    private function __construct(public float $k, public float $s, public float $least, public bool $faint, public ?float $off) {}

    /** @param float $overWhite reflectance of the film itself, without its surface, as all four */
    public static function solve(float $overWhite, float $overBlack, float $white, float $black, float $dryUm): self
    {
        $below = $white - $black + $white * $black * ($overBlack - $overWhite);
        $r0 = $below > 1e-9 ? ($white * $overBlack - $black * $overWhite) / $below : $overBlack;
        $r0 = max(0.0, min(0.9999, $r0));
        $t2 = $white > 1e-9 ? ($overWhite - $r0) * (1 - $r0 * $white) / $white : 0.0;
        $stray = self::strayed($r0) / max($white, 1e-9);
        $hides = $t2 < self::TOLD * $stray;
        $r0 = $hides ? max($r0, self::DARKEST) : $r0;
        // A film gives back and lets through no more than falls on it.
        $t = min(sqrt(max(1e-6, min(1.0, $t2))), 1 - $r0);
        if ($r0 < 1e-7) {
            return new self(max(0.0, -log($t) / $dryUm), 0.0, 0.0, true, null);
        }
        $faint = $r0 < self::FAINT;
        $a = max(1.0, (1 + $r0 * $r0 - $t * $t) / (2 * $r0));
        $b = sqrt($a * $a - 1);
        if ($b < 1e-5) {
            $s = $r0 / (1 - $r0) / $dryUm;

            return new self(0.0, $s, $s, $faint, null);
        }
        $bsx = asinh($b * $r0 / $t);
        $s = $bsx / ($b * $dryUm);
        $least = asinh($b * $r0 / max($t, sqrt($stray))) / ($b * $dryUm);

        return new self($s * ($a - 1), $s, $least, $faint, match (true) {
            $hides => INF,
            $faint => null,
            // S goes with bSX, of which T is off by half of what T^2 is.
            default => tanh($bsx) * $stray / (2 * $t2 * $bsx),
        });
    }

    /** Whether it says what S is. */
    public function tells(): bool
    {
        return $this->off !== null && $this->off < INF;
    }

    /** Whether too little light comes through and back to find K or S. */
    public function dark(): bool
    {
        return $this->off === INF && $this->faint;
    }

    /**
     * K and S where S is likely to be so much: the more like that, the less the card tells. How they stand to each other
     * stays, which a card tells where it is not dark.
     *
     * @return array{float, float}
     */
    public function evened(float $likely): array
    {
        if ($this->off === null) {
            return [$this->k, $this->s];
        }
        $part = 1 / (1 + ($this->off / ScatterLine::STRAYS) ** 2);
        $s = $this->s ** $part * max($likely, $this->least) ** (1 - $part);

        return [$this->k * $s / $this->s, $s];
    }

    /**
     * K and S of a dark band as they were assumed before, or as much as they must be.
     *
     * @return array{float, float}
     */
    public function assumed(float $k, float $s): array
    {
        return [max($k, $this->k * $this->least / $this->s), $s];
    }

    /** How far off, of a film that gives back so much, the difference of two readings is once its surface is taken away. */
    private static function strayed(float $r): float
    {
        [, $through, $inside] = SurfaceFinish::Clear->surface();

        return M_SQRT2 * self::READING * (1 - $inside * $r) ** 2 / $through;
    }
}
