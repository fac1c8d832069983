<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

use Hawkbrush\Core\Air\InCup;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Film\DuncanMixing;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Masstone;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** Paints mixed in drops, before any reducer. */
final readonly class Mixture
{
    public const MOST_PAINTS = 6;

    public const MOST_DROPS = 200;

    /**
     * @param list<array{Paint, int}> $parts paints with their drops
     *
     * @throws Refused when there are none of them
     */
    public function __construct(public array $parts)
    {
        if ($parts === []) {
            throw Refused::because('A mix has at least one paint.');
        }
    }

    /** Of one part of it. */
    public static function fields(): Fields
    {
        return new Fields(Field::text('paint', 60), Field::whole('drops', 1, self::MOST_DROPS)->or(1));
    }

    /**
     * @param array<string, Paint> $paints by id
     *
     * @throws Refused
     */
    public static function read(Node $mix, array $paints): self
    {
        $fields = self::fields();
        $parts = [];
        foreach ($mix->items(1, self::MOST_PAINTS) as $part) {
            $in = $fields->in($part);
            $parts[] = [Paint::named($part->field('paint'), $paints), $in->whole('drops')];
        }

        return new self($parts);
    }

    /** @return list<array{paint: string, drops: int}> as it stands in a document */
    public function document(): array
    {
        return array_map(static fn(array $part): array => ['paint' => $part[0]->id, 'drops' => $part[1]], $this->parts);
    }

    public static function only(Paint $paint): self
    {
        return new self([[$paint, 1]]);
    }

    /** In the fewest whole drops that keep the ratio. */
    public function reduced(): self
    {
        $divisor = array_reduce($this->parts, static fn(int $so, array $part): int => self::divisor($so, $part[1]), 0);

        return new self(array_map(static fn(array $part): array => [$part[0], intdiv($part[1], $divisor)], $this->parts));
    }

    public function uses(string $paintId): bool
    {
        return \in_array($paintId, array_map(static fn(array $part): string => $part[0]->id, $this->parts), true);
    }

    /** Whether glitter clings to it as long as it is not set. */
    public function isSize(): bool
    {
        return \in_array(Kind::Size, array_map(static fn(array $part): Kind => $part[0]->kind, $this->parts), true);
    }

    /** Whether anything in it colours. */
    public function colours(): bool
    {
        return \in_array(true, array_map(static fn(array $part): bool => $part[0]->kind->colours(), $this->parts), true);
    }

    public function needsSolvent(): bool
    {
        return $this->solvents() > 0;
    }

    /** Whether every paint of it was measured from a card. */
    public function fromCards(): bool
    {
        return ! \in_array(false, array_map(static fn(array $part): bool => $part[0]->fromCard, $this->parts), true);
    }

    /** Share of solids, by volume. */
    public function solids(): float
    {
        $ml = $this->ml();
        $solid = array_sum(array_map(static fn(array $part): float => $part[1] * $part[0]->dropMl * $part[0]->solids, $this->parts));

        return $ml > 0 ? $solid / $ml : 0.0;
    }

    public function ml(): float
    {
        return (float) array_sum(array_map(static fn(array $part): float => $part[1] * $part[0]->dropMl, $this->parts));
    }

    /** How many times as long as the model says it takes to dry: the mean of its paints, by volume. */
    public function drying(): float
    {
        $ml = $this->ml();

        return $ml > 0
            ? array_sum(array_map(static fn(array $part): float => $part[1] * $part[0]->dropMl * $part[0]->drying, $this->parts)) / $ml
            : 1.0;
    }

    /** Null when there are no solids in it. */
    public function optics(): ?Optics
    {
        if ($this->solids() <= 0) {
            return null;
        }

        return DuncanMixing::mix(array_map(
            static fn(array $part): array => [$part[0]->optics, $part[1] * $part[0]->dropMl * $part[0]->solids],
            $this->parts,
        ));
    }

    /** The names of the paints, joined by plus signs. */
    public function name(): string
    {
        return implode(' + ', array_map(static fn(array $part): string => $part[0]->name, $this->parts));
    }

    /**
     * The mix as a paint of its own. Its kind is that of the most drops; measured only if all of it was.
     *
     * @throws Refused when nothing of it stays
     */
    public function paint(string $id, string $name): Paint
    {
        $optics = $this->optics() ?? throw Refused::at('/parts', 'None of these paints has solids: nothing of this mix stays.');
        $families = [];
        $drops = 0;
        foreach ($this->parts as $part) {
            $families[$part[0]->family] = true;
            $drops += $part[1];
        }
        $kind = $this->most()->kind;

        return new Paint(
            $id,
            $name,
            $kind,
            $optics,
            Masstone::swatch($optics, $kind)->hex(),
            $this->solids(),
            $this->ml() / $drops,
            implode(', ', array_keys($families)),
            $this->fromCards(),
            $this->drying(),
        );
    }

    /** The paint that most drops are of. */
    public function most(): Paint
    {
        $most = $this->parts[0];
        foreach ($this->parts as $part) {
            $most = $part[1] > $most[1] ? $part : $most;
        }

        return $most[0];
    }

    /** As it is cleaned out of the airbrush; null where nothing of it stays. Its kind is that of the most drops, or of its flakes. */
    public function inCup(): ?InCup
    {
        $optics = $this->optics();
        if ($optics === null) {
            return null;
        }
        foreach ($this->parts as [$paint]) {
            $cup = new InCup($optics, $paint->kind, $this->needsSolvent());
            if ($cup->leavesFlakes()) {
                return $cup;
            }
        }

        return new InCup($optics, $this->most()->kind, $this->needsSolvent());
    }

    /** Whether another is the same paints in the same ratio. */
    public function isSameAs(self $other): bool
    {
        $parts = static fn(self $mixture): array => array_column(
            array_map(static fn(array $part): array => [$part[0]->id, $part[1]], $mixture->reduced()->parts),
            1,
            0,
        );
        [$own, $others] = [$parts($this), $parts($other)];
        ksort($own);
        ksort($others);

        return $own === $others;
    }

    /** Whether any of it is craft-store paint, which comes coarse and thick. */
    public function isCraft(): bool
    {
        return array_filter($this->parts, static fn(array $part): bool => $part[0]->family === 'craft acrylic') !== [];
    }

    /** A reason not to mix these paints; null when there is none. Common practice, no published source. */
    public function warning(): ?string
    {
        return $this->solvents() === 0 || $this->solvents() === \count($this->parts) ? null
            : 'Solvent paints and water-borne ones do not mix: they curdle in the cup. Try a drop of each on a card first, and follow the products’ own sheets.';
    }

    private function solvents(): int
    {
        return \count(array_filter($this->parts, static fn(array $part): bool => $part[0]->needsSolvent()));
    }

    /** The largest whole number that divides both. */
    public static function divisor(int $a, int $b): int
    {
        return $b === 0 ? $a : self::divisor($b, $a % $b);
    }
}
