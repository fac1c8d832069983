<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Typed;

use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Coat\SetBy;
use Hawkbrush\Core\Coat\Weight;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Technique\Techniques;

/** All that words can mean of a step in this shop: its paints, and the trade's own. */
final readonly class Terms
{
    /** A colour's everyday name stands for a paint no farther from it than this. A guess. */
    private const SAME_NAME_DE = 25.0;

    /** @param list<Term> $terms where two match alike, the earlier one is meant */
    private function __construct(private array $terms) {}

    /** @param list<Paint> $rack */
    public static function of(array $rack): self
    {
        return new self([
            ...self::steps(),
            ...self::ways(),
            ...self::places(),
            ...array_merge([], ...array_map(static fn(Paint $paint): array => Term::name($paint->name, 'paint', $paint->id), $rack)),
            ...self::sorts($rack),
        ]);
    }

    /**
     * What the words from a place of the line on mean, and how many they are.
     *
     * @param list<string> $typed
     * @param bool $eye whether the line speaks of an eye: what is “domed” or “painted” only then
     *
     * @return array{Term, int}|null
     */
    public function at(array $typed, bool $eye): ?array
    {
        $best = null;
        foreach ($this->terms as $term) {
            if (! $eye && \in_array($term->field, ['eye', 'pupil'], true)) {
                continue;
            }
            $how = $term->matches($typed);
            if ($how !== null && ($best === null || ($how <=> $best[1]) > 0)) {
                $best = [$term, $how];
            }
        }

        return $best === null ? null : [$best[0], $best[1][0]];
    }

    /** @return list<Term> */
    private static function steps(): array
    {
        $terms = [];
        foreach (Synonyms::KINDS as $kind => $names) {
            $terms[] = self::all($names, 'kind', $kind, $names[0]);
        }
        foreach (Synonyms::CLEARS as $clear => $names) {
            $terms[] = self::all([$clear, ...$names], 'clear', $clear, $clear);
        }
        $terms[] = array_merge(
            ...array_map(static fn(string $kind): array => Term::name($kind, 'eye', $kind), Eye::KINDS),
            ...array_map(static fn(string $pupil): array => Term::name($pupil, 'pupil', $pupil), Eye::PUPILS),
        );

        return array_merge(...$terms);
    }

    /** @return list<Term> */
    private static function ways(): array
    {
        $terms = [];
        foreach (Techniques::all() as $technique) {
            $names = [$technique->name(), $technique->label(), ...Synonyms::TECHNIQUES[$technique->name()] ?? []];
            $terms[] = self::all($names, 'technique', $technique->name(), lcfirst($technique->label()));
        }
        foreach (Weight::names() as $weight) {
            $terms[] = self::all([$weight], 'weight', $weight, "{$weight} coat");
        }
        foreach ([SetBy::Heat->value => 'heat', SetBy::Air->value => 'air', SetBy::Wet->value => 'wet'] as $set => $word) {
            $terms[] = self::all([$word, "{$word} dry", "{$word} set", "{$word} blend"], 'set', $set, "set by {$word}");
        }

        return array_merge(...$terms);
    }

    /** @return list<Term> */
    private static function places(): array
    {
        $terms = array_map(
            static fn(string $side): array => self::all([$side, "{$side} side"], 'side', $side, "{$side} side"),
            ['left', 'right'],
        );
        foreach (Zone::names() as $zone) {
            $terms[] = self::all([$zone, ...Synonyms::ZONES[$zone] ?? []], 'zone', $zone, $zone);
        }

        return array_merge(...$terms);
    }

    /**
     * A kind of paint or an everyday colour, where no paint is called so.
     *
     * @param list<Paint> $rack
     *
     * @return list<Term>
     */
    private static function sorts(array $rack): array
    {
        $terms = [];
        foreach (Synonyms::COLOURS as $name => [$l, $a, $b]) {
            $far = array_map(
                static fn(Paint $paint): float => DeltaE2000::between(new Lab($l, $a, $b), Colour::fromHex($paint->hex)->lab),
                $rack,
            );
            asort($far);
            $nearest = array_key_first($far);
            if ($nearest !== null && $far[$nearest] <= self::SAME_NAME_DE) {
                $terms[] = new Term([$name], 'paint', $rack[$nearest]->id, $rack[$nearest]->name, stretched: true);
            }
        }
        foreach (Kind::cases() as $kind) {
            foreach ($rack as $paint) {
                if ($paint->kind === $kind) {
                    $terms[] = new Term(Line::words($kind->value), 'paint', $paint->id, $paint->name, stretched: true);
                }
            }
        }

        return $terms;
    }

    /**
     * @param list<string> $names
     *
     * @return list<Term>
     */
    private static function all(array $names, string $field, string $value, string $means): array
    {
        return array_map(static fn(string $name): Term => new Term(Line::words($name), $field, $value, $means), $names);
    }
}
