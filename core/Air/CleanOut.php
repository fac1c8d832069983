<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Film\DuncanMixing;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\SurfaceFinish;

/**
 * How an airbrush is cleaned between two colours: what each way would leave of the old one is mixed into the next
 * (Duncan), laid on what it is laid on, and held against it clean; the least that keeps the change under 1 DeltaE00 will
 * do. Nobody takes an airbrush apart between colours where a flush will do. Flakes, solvent and clear have their own
 * word. Common practice, no published source.
 */
final readonly class CleanOut
{
    /** A change that no eye sees on a bait. */
    public const UNSEEN = 1.0;

    /** In a lighter colour, and in a strong one, dirt is seen sooner. Fitted to what painters strip for. */
    private const UNSEEN_IN_CLEAN = 0.5;

    /** L* by which the next is lighter, and chroma from which it is strong. */
    private const LIGHTER = 25.0;

    private const STRONG = 50.0;

    /** The first drops carry what is left; painters try them on paper, and this much of it reaches the bait. A guess. */
    private const REACHES_BAIT = 0.4;

    /** What a flush leaves sits at the tip and goes with the first drops. Fitted: painters flush from red to white, and no more. */
    private const REACHES_FROM_TIP = 0.15;

    /**
     * @param array<string, float> $deltaE of the next colour on the bait, by level
     * @param list<string> $reasons
     */
    private function __construct(
        public CleanLevel $level,
        public array $deltaE,
        public float $minutes,
        public float $cleanerMl,
        public array $reasons,
    ) {}

    /**
     * @param float $dryUm film of the next colour
     * @param FilmState $ground what it is laid on
     */
    public static function between(InCup $from, InCup $to, float $dryUm, FilmState $ground, ?CleanFigures $figures = null): self
    {
        $figures ??= CleanFigures::usual();
        $clean = $ground->under(Film::of($to->optics, $dryUm))->colour(SurfaceFinish::Clear)->lab;
        $limit = self::limit($from, $to);
        $deltaE = [];
        $level = null;
        foreach (CleanLevel::cases() as $one) {
            $reaches = $one->atLeast(CleanLevel::Flush) === $one ? self::REACHES_FROM_TIP : self::REACHES_BAIT;
            $left = $figures->left($one) * $reaches;
            $mixed = DuncanMixing::mix([[$to->optics, 1 - $left], [$from->optics, $left]]);
            $seen = $ground->under(Film::of($mixed, $dryUm))->colour(SurfaceFinish::Clear)->lab;
            $deltaE[$one->value] = DeltaE2000::between($clean, $seen);
            $enough = $one === CleanLevel::Flush ? self::UNSEEN : $limit;
            $level ??= $deltaE[$one->value] < $enough ? $one : null;
        }
        $reasons = [match ($level) {
            CleanLevel::Blow => \sprintf('blown empty, what is left changes it by %.1f DeltaE00: nobody sees it', $deltaE['blow']),
            CleanLevel::Rinse, CleanLevel::Flush => \sprintf('only blown empty it would change by %.1f DeltaE00', $deltaE['blow']),
            CleanLevel::Strip => \sprintf('flushed it would still change by %.1f DeltaE00', $deltaE['flush']),
            null => \sprintf(
                'even cleaned out, what is left changes the first drops by %.1f DeltaE00: spray them on paper',
                $deltaE['strip'],
            ),
        }];
        $wanted = $level ?? CleanLevel::Strip;
        foreach (self::words($from, $to) as [$least, $why]) {
            $wanted = $wanted->atLeast($least);
            $reasons[] = $why;
        }

        return new self($wanted, $deltaE, $figures->minutes($wanted), $figures->cleanerMl($wanted), $reasons);
    }

    private static function limit(InCup $from, InCup $to): float
    {
        [$old, $new] = [$from->lab(), $to->lab()];

        return $new->l > $old->l + self::LIGHTER || $new->chroma() > self::STRONG ? self::UNSEEN_IN_CLEAN : self::UNSEEN;
    }

    /** @return list<array{CleanLevel, string}> what is asked for whatever is seen */
    private static function words(InCup $from, InCup $to): array
    {
        return array_values(array_filter([
            $from->leavesFlakes() && ! $to->leavesFlakes() ? [CleanLevel::Flush, 'flakes stay behind and show in anything plain'] : null,
            $to->leavesFlakes() && ! $from->leavesFlakes() ? [CleanLevel::Flush, 'old paint dulls flakes and helps them clog'] : null,
            $from->solvent !== $to->solvent ? [CleanLevel::Strip, 'solvent and water-borne paint curdle where they meet'] : null,
            $to->kind === Kind::Medium ? [CleanLevel::Flush, 'clear shows every trace'] : null,
        ]));
    }
}
