<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Typed;

use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Pattern\FreshPaint;
use Hawkbrush\Core\Pattern\FreshStep;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Techniques;

/**
 * A line of words as the step that it means, in any order: "smoke mesh flank", "2 light pearl belly 8 psi", "eye 6",
 * "epoxy". What it does not name is as usual there.
 */
final class TypedStep
{
    /** Between the words that mean something. */
    private const BETWEEN = ['a', 'an', 'and', 'at', 'by', 'for', 'in', 'of', 'on', 'onto', 'over', 'the', 'through', 'to', 'with'];

    /** @var list<array{words: string, means: string}> */
    public array $understood = [];

    /** @var list<string> */
    public array $unknown = [];

    /** @var array<string, mixed>|null a step without its id; null: nothing of it says what to do */
    public ?array $step = null;

    /** @var array<string, string> by field; of paints, the last */
    private array $said = [];

    /** @var list<string> ids */
    private array $paints = [];

    private Figures $figures;

    /**
     * @param int $position on the ladder, counted from 0
     * @param list<Paint> $rack with something in the bottle
     *
     * @throws Refused when a coat is meant and the rack is empty
     */
    public static function read(string $line, Recipe $recipe, int $position, array $rack): self
    {
        $typed = new self();
        $typed->understand(Line::words($line), Terms::of($rack));
        $typed->step = $typed->meant($recipe, $position, $rack);
        foreach ($typed->figures->bare as $number) {
            $typed->unknown[] = (string) $number;
        }

        return $typed;
    }

    private function __construct()
    {
        $this->figures = new Figures();
    }

    /** @param list<string> $words */
    private function understand(array $words, Terms $terms): void
    {
        $eye = array_intersect(['eye', 'eyes'], $words) !== [];
        for ($at = 0; $at < \count($words); $at += $taken) {
            $rest = \array_slice($words, $at);
            $taken = $this->figures->take($rest);
            if ($taken > 0) {
                continue;
            }
            $taken = 1;
            $found = $terms->at($rest, $eye);
            if ($found === null) {
                if (! \in_array($words[$at], self::BETWEEN, true)) {
                    $this->unknown[] = $words[$at];
                }

                continue;
            }
            [$term, $taken] = $found;
            $this->understood[] = ['words' => implode(' ', \array_slice($rest, 0, $taken)), 'means' => $term->means];
            $this->said[$term->field] = $term->value;
            if ($term->field === 'paint' && ! \in_array($term->value, $this->paints, true)) {
                $this->paints[] = $term->value;
            }
        }
    }

    /**
     * @param list<Paint> $rack
     *
     * @return array<string, mixed>|null
     */
    private function meant(Recipe $recipe, int $position, array $rack): ?array
    {
        $coat = array_intersect_key($this->said, ['paint' => 1, 'technique' => 1, 'zone' => 1, 'weight' => 1]) !== [];
        $kind = $this->said['kind'] ?? (isset($this->said['clear']) && ! $coat ? 'clear' : ($coat ? 'paint' : null));

        return match ($kind) {
            null => null,
            'paint' => $this->coat($recipe, $position, $rack),
            default => $this->other($kind),
        };
    }

    /** @return array<string, mixed> */
    private function other(string $kind): array
    {
        $number = ['eye' => 'mm', 'clear' => 'coats', 'dip' => 'coats', 'try' => 'psi'][$kind] ?? 'minutes';
        $this->figures->name($number);
        $this->figures->inchesIfTiny();
        $figures = $this->figures->named;
        $set = match ($kind) {
            'eye' => [
                'diameter_mm' => $figures['mm'] ?? null,
                'kind' => $this->said['eye'] ?? null,
                'pupil' => $this->said['pupil'] ?? null,
            ],
            'clear' => ['clear' => $this->said['clear'] ?? null, 'coats' => self::whole($figures['coats'] ?? null)],
            'dip' => ['dips' => self::whole($figures['coats'] ?? null)],
            'try' => ['psi' => $figures['psi'] ?? null, 'thinning_percent' => $figures['percent'] ?? null],
            default => ['minutes' => $figures['minutes'] ?? null],
        };

        return array_filter($set, static fn(mixed $value): bool => $value !== null) + FreshStep::of($kind);
    }

    /**
     * @param list<Paint> $rack
     *
     * @return array<string, mixed>
     */
    private function coat(Recipe $recipe, int $position, array $rack): array
    {
        $technique = Techniques::named($this->said['technique'] ?? 'spray');
        $zone = isset($this->said['zone']) ? Zone::from($this->said['zone']) : null;
        $first = array_values(array_filter($rack, fn(Paint $paint): bool => $paint->id === ($this->paints[0] ?? null)))[0] ?? null;
        $step = FreshPaint::named($recipe, $position, $technique, $rack, $first, $zone, $this->said['side'] ?? null);
        $this->figures->name('coats');
        $figures = $this->figures->named;
        $wide = $figures['mm'] ?? null;
        $size = $wide === null ? null : self::size($technique);
        $set = isset($this->said['set']) || isset($figures['minutes'])
            ? ['by' => $this->said['set'] ?? 'air', 'minutes' => $figures['minutes'] ?? 0]
            : null;

        return array_filter([
            'coats' => self::whole($figures['coats'] ?? null),
            'weight' => $this->said['weight'] ?? null,
            'psi' => $figures['psi'] ?? null,
            'thinning_percent' => $figures['percent'] ?? null,
            'strokes' => self::whole($figures['strokes'] ?? null),
            'width_mm' => $size === null ? $wide : null,
            'set' => $set,
            'technique' => $size === null ? null : ['name' => $technique->name(), $size => $wide],
            'mix' => \count($this->paints) < 2 ? null : $this->mix(),
        ], static fn(mixed $value): bool => $value !== null) + $step;
    }

    /** @return list<array{paint: string, drops: int}> a drop of each */
    private function mix(): array
    {
        return array_map(static fn(string $id): array => ['paint' => $id, 'drops' => 1], $this->paints);
    }

    /** The length that a mark is named by; null where it has none. */
    private static function size(Technique $technique): ?string
    {
        foreach ($technique->settings() as $setting) {
            if ($setting->unit === 'mm' && $setting->scales) {
                return $setting->name;
            }
        }

        return null;
    }

    private static function whole(?float $number): int|float|null
    {
        return $number !== null && floor($number) === $number ? (int) $number : $number;
    }
}
