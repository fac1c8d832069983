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

    /** What it asks for where nothing else is known. */
    public function figures(): WorkFigures
    {
        return match ($this) {
            self::Base => new WorkFigures(38.0, [0.85, 1.2], 1.0, [0.0, 0.0, 10.0]),
            self::LayIn => new WorkFigures(42.0, [0.85, 1.2], 1.0, [0.0, 0.0, 10.0]),
            self::Coat => new WorkFigures(40.0, [0.65, 1.25], 1.0, [0.0, 10.0, 30.0]),
            // A little sprayed from close up breaks up however thick it is.
            self::Fade => new WorkFigures(6.0, [0.8, 1.2], 0.1, [0.0, 0.0, 20.0]),
            // Sprayed lightly anyway.
            self::Mesh => new WorkFigures(12.0, [0.75, 1.35], 0.3, [0.0, 10.0, 50.0]),
            self::Stencil => new WorkFigures(16.0, [0.6, 1.2], 1.0, [0.0, 60.0, 65.0]),
            self::Dusting => new WorkFigures(27.0, [0.75, 1.4], 1.0, [0.0, 50.0, 65.0]),
            self::Dot => new WorkFigures(13.0, [0.75, 1.2], 0.6, [0.0, 5.0, 45.0]),
            // Drops that are thrown need not break up.
            self::Splatter => new WorkFigures(2.0, [0.5, 1.5], 0.0, [0.0, 60.0, 80.0]),
        };
    }

    /** Whether the same paint goes on as wide as a coat or as narrow as an accent. */
    public function isFree(): bool
    {
        return \in_array($this, [self::Coat, self::Fade, self::Dusting], true);
    }

    /** What the thinning of it is like, for its reason. */
    public function thinningWord(): string
    {
        return match ($this) {
            self::Base => 'a base goes on as it comes or thinned a little',
            self::LayIn => 'a lay-in goes on as it comes',
            self::Coat => 'a coat goes on nearly as it comes at full air, or 40 to 60 at little',
            self::Fade => 'a fade goes on as it comes',
            self::Mesh => 'through mesh it should be like milk, about a tenth, or as it comes',
            self::Stencil => 'stencil detail is built up thin, 40 of paint to 60, or as it comes',
            self::Dusting => 'a dusting is reduced so that it only shades',
            self::Dot => 'a dot wants it thicker than a coat, or it runs',
            self::Splatter => 'the thinner it is, the finer the specks',
        };
    }
}
