<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Pattern;

use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Step\Step;
use Hawkbrush\Core\Technique\Placed;

/** What is usually done next on a ladder. Common practice, no published source. */
final readonly class UsuallyNext
{
    /** A pattern of so many coats may be finished. */
    private const ENOUGH_COATS = 3;

    /** @param string|null $technique of a coat; null: no coat is laid */
    private function __construct(public string $kind, public ?string $technique) {}

    /** @return list<self> the most usual first */
    public static function after(Recipe $recipe): array
    {
        $steps = $recipe->enabled();
        $coats = array_filter($steps, static fn(Step $step): bool => $step->coat() !== null);
        $marks = array_filter($coats, static fn(Step $step): bool => $step->coat()?->technique instanceof Placed);
        $has = static fn(string $kind): bool => array_filter($steps, static fn(Step $step): bool => $step::kind() === $kind) !== [];
        // An acrylic may be a seal on the way.
        $closes = static fn(Step $step): bool => ! \in_array($step->clear(), [null, Clear::Acrylic], true);
        if (array_filter($steps, $closes) !== []) {
            return [self::step('wait'), self::step('clear'), self::step('inspect')];
        }
        if ($recipe->body->soft()) {
            return $coats === [] && ! $has('dip')
                ? [self::step('dip'), self::coat('spray')]
                : [self::coat('spray'), self::step('eye'), self::step('dip')];
        }

        return match (true) {
            $steps === [] => [self::step('prep'), self::coat('spray')],
            $coats === [] => [self::coat('spray')],
            $has('eye') => [self::step('clear'), self::coat('spray')],
            \count($coats) < self::ENOUGH_COATS => [self::coat('spray'), self::coat('mesh'), self::coat('bars')],
            $marks === [] => [self::coat('mesh'), self::coat('spot'), self::coat('card'), self::step('eye'), self::step('clear')],
            default => [self::step('eye'), self::step('clear'), self::coat('spray')],
        };
    }

    private static function step(string $kind): self
    {
        return new self($kind, null);
    }

    private static function coat(string $technique): self
    {
        return new self('paint', $technique);
    }
}
