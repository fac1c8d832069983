<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

/** What an airbrush is used for: it decides the air. The figures are common practice, no published source. */
enum SprayWork: string
{
    case Base = 'base';
    case LayIn = 'lay-in';
    case Coat = 'coat';
    case Fade = 'fade';
    case Mesh = 'mesh';
    case Stencil = 'stencil';
    case Dusting = 'dusting';
    case Dot = 'dot';
    case Splatter = 'splatter';

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(self $work): string => $work->value, self::cases());
    }

    /** As it reads in a sentence. */
    public function label(): string
    {
        return match ($this) {
            self::Base => 'an opaque base',
            self::LayIn => 'a heavy lay-in',
            self::Coat => 'an ordinary coat',
            self::Fade => 'a soft fade or accent',
            self::Mesh => 'spraying through mesh',
            self::Stencil => 'stencil detail',
            self::Dusting => 'a dusting',
            self::Dot => 'a freehand dot',
            self::Splatter => 'splatter',
        };
    }

    /** Air for paint as it comes, in psi. */
    public function psi(): float
    {
        return match ($this) {
            self::Base => 38.0,
            self::LayIn => 42.0,
            self::Coat => 40.0,
            self::Fade => 6.0,
            self::Mesh => 12.0,
            self::Stencil => 16.0,
            self::Dusting => 24.0,
            self::Dot => 13.0,
            self::Splatter => 3.0,
        };
    }

    /**
     * How far below and above that practice goes, as factors: wide where painters disagree.
     *
     * @return array{float, float}
     */
    public function spread(): array
    {
        return match ($this) {
            self::Coat => [0.65, 1.25],
            self::Stencil => [0.6, 1.2],
            self::Dot => [0.75, 1.2],
            self::Mesh => [0.75, 1.35],
            self::Dusting => [0.75, 1.4],
            self::Fade => [0.8, 1.2],
            self::Splatter => [0.4, 1.2],
            default => [0.85, 1.2],
        };
    }

    /** How much thinning counts, as a power: drops that are thrown need not break up, and mesh is sprayed lightly anyway. */
    public function thinningCounts(): float
    {
        return match ($this) {
            self::Splatter, self::Mesh => 0.3,
            self::Dot => 0.6,
            default => 1.0,
        };
    }

    /**
     * Reducer that is usual for it, in percent of the mix: least, the figure to begin with, most.
     *
     * @return array{float, float, float}
     */
    public function thinning(): array
    {
        return match ($this) {
            self::Base, self::LayIn => [0.0, 0.0, 10.0],
            // Two schools: nearly as it comes at full air, or four parts to six at little.
            self::Coat => [0.0, 10.0, 60.0],
            self::Fade => [0.0, 0.0, 15.0],
            self::Mesh => [5.0, 10.0, 50.0],
            self::Stencil => [20.0, 60.0, 65.0],
            self::Dusting => [30.0, 50.0, 65.0],
            self::Dot => [5.0, 20.0, 45.0],
            self::Splatter => [0.0, 60.0, 80.0],
        };
    }

    /** What the thinning of it is like, for its reason. */
    public function thinningWord(): string
    {
        return match ($this) {
            self::Base => 'a base goes on as it comes or thinned a little',
            self::LayIn => 'a lay-in goes on as it comes',
            self::Coat => 'a coat goes on nearly as it comes at full air, or 40 to 60 at little',
            self::Fade => 'a fade goes on as it comes',
            self::Mesh => 'through mesh it should be like milk: about a tenth',
            self::Stencil => 'stencil detail is built up thin: 40 of paint to 60',
            self::Dusting => 'a dusting is reduced so that it only shades',
            self::Dot => 'a dot wants it thicker than usual, or it runs',
            self::Splatter => 'the thinner it is, the finer the specks',
        };
    }
}
