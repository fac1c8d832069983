<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Clear;

/** What a clear may go over: safe, sealed first, or never. Common practice, no published source; a test card goes first. */
final readonly class Chemistry
{
    public const SAFE = 'safe';

    public const SEAL = 'seal first';

    public const NEVER = 'never';

    private const VINYL_SOFTENS = 'never hardens over soft vinyl: its softener creeps into it; finish vinyl with vinyl';

    private const INK_RUNS = 'dissolves pen ink and lifts decals: a thin acrylic clear over them first';

    private function __construct(public string $verdict, public string $reason) {}

    /** @param string $below what lies below: a family of paint as bottles name it, pen ink, decal, or another clear */
    public static function over(Clear $clear, string $below): self
    {
        // A marker is a pen.
        $below = str_replace('marker', 'pen', mb_strtolower($below));
        // Acrylic ink, from a bottle, is paint; what a pen lays is ink.
        [$pen, $acrylic] = [preg_match('/\bpen\b/', $below) === 1, str_contains($below, 'acrylic')];
        $ink = preg_match('/\bink\b/', $below) === 1 && (! $acrylic || $pen);
        $marks = $ink || ($pen && ! $acrylic) || str_contains($below, 'decal');
        $solvent = preg_match('/lacquer|solvent|enamel/', $below) === 1;
        $hard = $below !== Clear::Acrylic->value && \in_array($below, array_map(mb_strtolower(...), Clear::names()), true);
        $twoPart = $clear === Clear::Epoxy || $clear === Clear::Resin;
        [$verdict, $reason] = match (true) {
            preg_match('/vinyl|plastisol/', $below) === 1 => [self::NEVER, self::VINYL_SOFTENS],
            $below === mb_strtolower($clear->value) => [self::SAFE, 'coat on coat, while the one below still bonds'],
            $clear === Clear::Urethane && $hard
                => [self::SEAL, 'bonds to a hard clear only where it is sanded dull'],
            $twoPart && $marks => [self::SEAL, self::INK_RUNS],
            $clear === Clear::Urethane && $marks => [self::SEAL, self::INK_RUNS],
            $twoPart && $solvent => [self::SEAL, 'traps solvent that has not gone: days of drying, or a thin acrylic clear first'],
            $clear === Clear::Acrylic && str_contains($below, 'enamel') => [self::NEVER, 'its solvent wrinkles enamel'],
            $clear === Clear::Acrylic && preg_match('/epoxy|uv resin|urethane/', $below) === 1
                => [self::SAFE, 'in thin mists over what is hard and sanded dull'],
            $clear === Clear::Acrylic => [self::SAFE, 'in thin mists, each dry before the next'],
            default => [self::SAFE, 'over paint that is dry right through'],
        };

        return new self($verdict, $reason);
    }
}
