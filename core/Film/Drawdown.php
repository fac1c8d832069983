<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Refused;

/**
 * K and S of a paint from one card, half white and half black: the inverse of Kubelka-Munk, band by band ({@see ReadBand}).
 *
 * Where hardly any light comes through, a card gives the ratio of K to S well, but their size drowns in what
 * readings stray: a red, hiding in the blue, came out as if thin coats let all of the blue through. There S is taken from
 * the line on which it lies in other bands ({@see ScatterLine}), or, if none tells it, from what was assumed of the paint.
 */
final readonly class Drawdown
{
    /** A ground under this share of light counts as black, the other half must return this much more to tell them apart. */
    private const APART = 0.2;

    /** Readings outside what a film can reach by less than this are noise and are clamped. */
    private const NOISE = 0.02;

    /** Contrast of what hides as an opaque paint does. */
    private const OPAQUE = 0.9;

    /** Above this share of assumed light, the result counts as assumed. */
    private const MUCH = 0.5;

    /** @param bool $assumed whether the film hides so well that the look of thin coats is assumed */
    private function __construct(public Optics $optics, public float $contrastRatio, public Kind $kind, public bool $assumed) {}

    /**
     * @param Spectrum $overWhite of the film itself, without its surface, as all four
     * @param Optics|null $before what was assumed of the paint, for what the card does not tell; null: what its kind does
     *
     * @throws Refused when no paint makes such a card, saying why
     */
    public static function solve(
        Spectrum $overWhite,
        Spectrum $overBlack,
        Spectrum $white,
        Spectrum $black,
        float $dryUm,
        ?Optics $before = null,
    ): self {
        self::check($overWhite, $overBlack, $white, $black, $dryUm);
        $bands = [];
        foreach ($overWhite->values as $i => $light) {
            $dark = $overBlack->values[$i];
            $paper = $white->values[$i];
            // A reading that strays may do here what no paint does.
            $light = $dark < $black->values[$i] ? min($light, max($paper, $dark)) : $light;
            $bands[] = ReadBand::solve($light, $dark, $paper, $black->values[$i], $dryUm);
        }
        $over = Observer::luminous($overWhite->values);
        $ratio = $over > 0 ? min(1.0, Observer::luminous($overBlack->values) / $over) : 1.0;
        $kind = self::kindOf(
            $ratio,
            max([0.0, ...array_map(static fn(ReadBand $band): float => $band->faint ? 0.0 : $band->least, $bands)]),
            array_sum(array_map(static fn(ReadBand $band): float => $band->faint ? 0.0 : 1.0, $bands)) / \count($bands),
        );
        $guess = $before ?? Unmeasured::optics($overWhite, $kind);
        $line = ScatterLine::through(array_filter($bands, static fn(ReadBand $band): bool => $band->tells()), $kind);
        $even = [];
        foreach ($bands as $i => $band) {
            $even[] = match (true) {
                $band->dark() && $before !== null => $band->assumed($before->k->values[$i], $before->s->values[$i]),
                $band->dark() && $kind === Kind::Transparent => [$band->k, $band->s],
                default => $band->evened($line->scatters[$i] ?? $guess->s->values[$i]),
            };
        }
        if (max(0.0, ...array_column($even, 1)) > Optics::STRONGEST_PER_UM) {
            throw Refused::at(
                '/dry_um',
                'No paint hides like this in so thin a film. Is the thickness in micrometres, and of the dry film?',
            );
        }

        return new self(
            // How much is taken beyond that no card tells.
            Optics::of(
                Spectrum::of(array_map(static fn(float $k): float => min($k, Optics::STRONGEST_PER_UM), array_column($even, 0))),
                Spectrum::of(array_column($even, 1)),
            ),
            $ratio,
            $kind,
            Observer::luminous(array_map(
                static fn(ReadBand $band): float => $band->dark() || ($line === null && $band->off === INF) ? 1.0 : 0.0,
                $bands,
            )) > self::MUCH,
        );
    }

    /**
     * The same off a card whose colours are known as swatches only, see {@see SwatchCard}.
     *
     * @throws Refused when no paint makes such a card, saying why
     */
    public static function ofSwatches(
        Spectrum $overWhite,
        Spectrum $overBlack,
        Spectrum $white,
        Spectrum $black,
        float $dryUm,
        ?Optics $before = null,
    ): self {
        self::check($overWhite, $overBlack, $white, $black, $dryUm);
        $dark = Observer::luminous($overBlack->values);
        $ratio = min(1.0, $dark / max(1e-9, Observer::luminous($overWhite->values)));
        $likely = $before !== null && min([INF, ...$before->s->values]) > 0 ? $before->s : Unmeasured::optics(
            $overWhite,
            $dark > Observer::luminous($black->values) ? self::kindOf($ratio, INF, 1.0) : Kind::Transparent,
        )->s;
        $optics = SwatchCard::optics($overWhite, $overBlack, $white, $black, $dryUm, $likely);

        return new self($optics, $ratio, self::kindOf($ratio, max([0.0, ...$optics->s->values]), 1.0), $ratio > Hiding::HIDDEN);
    }

    /** @throws Refused when no paint makes such a card */
    private static function check(Spectrum $overWhite, Spectrum $overBlack, Spectrum $white, Spectrum $black, float $dryUm): void
    {
        if ($dryUm <= 0 || $dryUm > CardFilm::THICKEST_UM) {
            throw Refused::at('/dry_um', 'The film of a card is more than 0 and at most '.CardFilm::THICKEST_UM.' µm thick.');
        }
        if (Observer::luminous($white->values) - Observer::luminous($black->values) < self::APART) {
            throw Refused::at(
                '/white',
                'The white of this card is hardly lighter than its black: with such a card opacity cannot be told.',
            );
        }
        if (Observer::luminous($overBlack->values) > Observer::luminous($overWhite->values) + self::NOISE) {
            throw Refused::at('/over_black', 'The black half is lighter than the white half. No paint does that: are the two mixed up?');
        }
        foreach (Observer::weights() as $weights) {
            [$light, $dark, $paper, $ink] = array_map(
                static fn(Spectrum $card): float => self::share($card, $weights),
                [$overWhite, $overBlack, $white, $black],
            );
            if ($light > $paper + self::NOISE && $light > $dark + self::NOISE && $dark < $ink) {
                throw Refused::at('/over_white', 'The paint makes the white lighter and the black darker at once. No paint does that.');
            }
        }
    }

    /**
     * What a colour has of white light.
     *
     * @param list<float> $weights of its bands
     */
    private static function share(Spectrum $of, array $weights): float
    {
        return array_sum(array_map(
            static fn(float $weight, float $value): float => $weight * $value,
            $weights,
            $of->values,
        )) / array_sum($weights);
    }

    /**
     * The kind that hides as this card does; pearl, metal and glow a card does not show. Common practice, no published source.
     *
     * @param float $scatters per micrometre, the most of any band
     * @param float $lights share of the bands in which it gives any light back
     */
    private static function kindOf(float $contrastRatio, float $scatters, float $lights): Kind
    {
        return match (true) {
            // A black hides by darkness, but what an opaque one gives back is more than an ink does.
            $contrastRatio > self::OPAQUE && ($scatters > 0.05 || $lights > 0.8) => Kind::Opaque,
            $contrastRatio > 0.2 && $scatters > 0.005 && $lights > 0.2 => Kind::SemiOpaque,
            default => Kind::Transparent,
        };
    }
}
