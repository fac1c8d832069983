<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Document;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** What a document gives for its fields, each held to its declaration; what it leaves out is the default. */
final readonly class Given
{
    public function __construct(private Fields $fields, private Node $document) {}

    public function isKept(): bool
    {
        return $this->document->isKept();
    }

    public function has(string $name): bool
    {
        return $this->document->has($name);
    }

    /** @throws Refused */
    public function number(string $name): float
    {
        return $this->maybe($name) ?? throw self::undeclared($name);
    }

    /**
     * A number that may be none.
     *
     * @throws Refused
     */
    public function maybe(string $name): ?float
    {
        $field = $this->fields->of($name);
        $given = $this->given($field);
        if ($given !== null) {
            return $given->number(...$field->bounds());
        }

        return \is_int($field->default) || \is_float($field->default) ? (float) $field->default : null;
    }

    /** @throws Refused */
    public function whole(string $name): int
    {
        $field = $this->fields->of($name);
        $given = $this->given($field);

        return match (true) {
            $given !== null => $given->integer((int) $field->least, (int) $field->most),
            \is_int($field->default) => $field->default,
            default => throw self::undeclared($name),
        };
    }

    /** @throws Refused */
    public function text(string $name): string
    {
        $field = $this->fields->of($name);
        $given = $this->given($field);

        return match (true) {
            $given !== null => $given->text((int) $field->most, $field->least === 0.0),
            \is_string($field->default) => $field->default,
            default => throw self::undeclared($name),
        };
    }

    /** @throws Refused */
    public function flag(string $name): bool
    {
        $field = $this->fields->of($name);

        return $this->given($field)?->boolean() ?? $field->default === true;
    }

    /**
     * @template T of string
     *
     * @param list<T> $choices those that it is declared with, for their type
     *
     * @return T
     *
     * @throws Refused
     */
    public function choice(string $name, array $choices): string
    {
        return $this->maybeChoice($name, $choices) ?? throw self::undeclared($name);
    }

    /**
     * @template T of string
     *
     * @param list<T> $choices those that it is declared with, for their type
     *
     * @return T|null
     *
     * @throws Refused
     */
    public function maybeChoice(string $name, array $choices): ?string
    {
        $field = $this->fields->of($name);
        if ($field->choices !== $choices) {
            throw self::undeclared($name);
        }
        $given = $this->given($field)?->choice($choices) ?? $field->default;
        foreach ($choices as $choice) {
            if ($choice === $given) {
                return $choice;
            }
        }

        return null;
    }

    /**
     * One of the words that it is declared with; of a document that was kept, the word that stands there.
     *
     * @throws Refused
     */
    public function word(string $name): string
    {
        $field = $this->fields->of($name);

        return $this->document->field($name)->word($field->choices);
    }

    /**
     * #rrggbb in small letters.
     *
     * @throws Refused
     */
    public function colour(string $name): string
    {
        $field = $this->fields->of($name);
        $given = $this->given($field);

        return match (true) {
            $given !== null => $given->colour(),
            \is_string($field->default) => $field->default,
            default => throw self::undeclared($name),
        };
    }

    /**
     * @return list<Node>
     *
     * @throws Refused when it is no list, or has too few or too many entries
     */
    public function items(string $name): array
    {
        $field = $this->fields->of($name);

        return $this->given($field)?->items((int) $field->least, (int) $field->most) ?? [];
    }

    /**
     * What is read by a document of its own; null where it is left out.
     *
     * @throws Refused
     */
    public function node(string $name): ?Node
    {
        return $this->given($this->fields->of($name));
    }

    /**
     * All fields by name, for a row of a table.
     *
     * @return array<string, mixed>
     *
     * @throws Refused
     */
    public function all(): array
    {
        $all = [];
        foreach ($this->fields->all() as $field) {
            $all[$field->name] = $this->column($field);
        }

        return $all;
    }

    /**
     * The fields that the document names, for a row that changes; null takes away what may be none.
     *
     * @return array<string, mixed>
     *
     * @throws Refused
     */
    public function named(): array
    {
        $named = [];
        foreach (array_intersect($this->fields->names(), array_map(strval(...), array_keys($this->document->fields()))) as $name) {
            $named[$name] = $this->column($this->fields->of($name));
        }

        return $named;
    }

    /** @throws Refused where null stands and something has to */
    private function column(Field $field): mixed
    {
        $given = $this->document->fields()[$field->name] ?? null;
        if ($given !== null && $given->raw() === null && ($field->required || $field->default !== null)) {
            throw $given->refuse('A '.($field->type === 'whole' ? 'number' : $field->type).' was expected here.');
        }

        return $this->value($field);
    }

    private function value(Field $field): mixed
    {
        return match ($field->type) {
            'number' => $this->maybe($field->name),
            'whole' => $this->given($field)?->integer((int) $field->least, (int) $field->most) ?? $field->default,
            'text' => $this->given($field)?->text((int) $field->most, $field->least === 0.0) ?? $field->default,
            'flag' => $this->flag($field->name),
            'choice' => $this->given($field)?->word($field->choices) ?? $field->default,
            'colour' => $this->colour($field->name),
            'date' => $this->given($field)?->date() ?? $field->default,
            'list', 'document' => $this->given($field)?->raw() ?? $field->default,
        };
    }

    /** @throws Refused where a field that has to be there is missing */
    private function given(Field $field): ?Node
    {
        return $field->required || $this->document->has($field->name) ? $this->document->field($field->name) : null;
    }

    private static function undeclared(string $name): \LogicException
    {
        return new \LogicException("“{$name}” is read otherwise than it is declared.");
    }
}
