<?php

declare(strict_types=1);

namespace Hawkbrush\Core;

use Hawkbrush\Core\Document\Outside;
use Hawkbrush\Core\Document\ReadsScalars;

/**
 * A place in a decoded JSON document that knows its own JSON Pointer (RFC 6901), so that a refusal says what and where. Documents
 * are read by two doors: what comes from outside is held to every bound; what was kept is never refused for one that came later.
 */
final readonly class Node
{
    use ReadsScalars;

    /**
     * @param Outside|null $outside takes what of a kept document lies outside today's bounds; null: it is refused
     * @param list<string> $strict fields that come from outside, in a document that was kept
     */
    private function __construct(
        private mixed $value,
        public string $pointer,
        private ?Outside $outside = null,
        private array $strict = [],
    ) {}

    /** @param mixed $value from outside, as json_decode(…, true) gives it */
    public static function root(mixed $value): self
    {
        return new self($value, '');
    }

    /** @param mixed $value that was kept, as json_decode(…, true) gives it */
    public static function kept(mixed $value, Outside $outside = new Outside()): self
    {
        return new self($value, '', $outside);
    }

    /**
     * The same, where these fields are set from outside: they are held to every bound, the others as they were kept.
     *
     * @param list<string> $fields
     */
    public function setting(array $fields): self
    {
        return new self($this->value, $this->pointer, $this->outside, $fields);
    }

    /**
     * This object laid over one that was kept: its own fields come from outside, the others are as they were.
     *
     * @param array<string, mixed> $kept
     */
    public function over(array $kept): self
    {
        $fields = array_map(static fn(self $field): mixed => $field->value, $this->fields());

        return new self([...$kept, ...$fields], $this->pointer, new Outside(), array_keys($fields));
    }

    /** @param array<string, mixed> $more what else is known of this object */
    public function beside(array $more): self
    {
        return new self([...\is_array($this->value) ? $this->value : [], ...$more], $this->pointer, $this->outside, $this->strict);
    }

    /**
     * Only these of its fields.
     *
     * @param list<string> $names
     */
    public function part(array $names): self
    {
        $fields = array_intersect_key((array) $this->value, array_flip($names));

        return new self($fields, $this->pointer, $this->outside, $this->strict);
    }

    /** The same place, with what lies outside today's bounds told to somebody else; from outside it is refused as before. */
    public function tellingTo(Outside $outside): self
    {
        return $this->outside === null ? $this : new self($this->value, $this->pointer, $outside, $this->strict);
    }

    /** @throws Refused when the text is not JSON */
    public static function fromJson(string $json): self
    {
        try {
            return new self(json_decode($json, true, 64, JSON_THROW_ON_ERROR), '');
        } catch (\JsonException $e) {
            throw Refused::because('This is not JSON: '.lcfirst($e->getMessage()).'.');
        }
    }

    public function has(string $field): bool
    {
        return \is_array($this->value) && \array_key_exists($field, $this->value) && $this->value[$field] !== null;
    }

    /** @throws Refused when this is no object or the field is missing */
    public function field(string $field): self
    {
        if (! \is_array($this->value) || $this->isList()) {
            throw $this->refuse('An object was expected here.');
        }
        if (! \array_key_exists($field, $this->value)) {
            throw Refused::at($this->pointer.'/'.self::escape($field), "“{$field}” is missing.");
        }

        return $this->child($field, $this->value[$field]);
    }

    private function isList(): bool
    {
        return $this->value !== [] && \is_array($this->value) && array_is_list($this->value);
    }

    private function child(string $field, mixed $value): self
    {
        $outside = $this->strict !== [] && \in_array($field, $this->strict, true) ? null : $this->outside;

        return new self($value, $this->pointer.'/'.self::escape($field), $outside);
    }

    public function optional(string $field): ?self
    {
        return $this->has($field) ? $this->field($field) : null;
    }

    /**
     * @return list<self>
     *
     * @throws Refused when this is no list, or its length is out of bounds
     */
    public function items(int $min = 0, int $max = 500): array
    {
        if (! \is_array($this->value) || ! array_is_list($this->value)) {
            throw $this->refuse('A list was expected here.');
        }
        $count = \count($this->value);
        if ($min === $max && $count !== $min) {
            throw $this->refuse("A list of {$min} was expected here, this one has {$count}.");
        }
        if ($count < $min || $count > $max) {
            $this->beyond("A list of {$min} to {$max} was expected here, this one has {$count}.", "{$count} entries (today {$min} to {$max})");
        }
        $items = [];
        foreach ($this->value as $i => $item) {
            $items[] = new self($item, $this->pointer.'/'.$i, $this->outside);
        }

        return $items;
    }

    /**
     * @return array<string, self> the fields of an object by name
     *
     * @throws Refused
     */
    public function fields(int $max = 200): array
    {
        if (! \is_array($this->value) || $this->isList()) {
            throw $this->refuse('An object was expected here.');
        }
        if (\count($this->value) > $max) {
            $this->beyond("No more than {$max} entries fit here.", \count($this->value)." entries (today up to {$max})");
        }
        $fields = [];
        foreach ($this->value as $name => $item) {
            $fields[(string) $name] = $this->child((string) $name, $item);
        }

        return $fields;
    }

    /**
     * @param list<string> $known
     *
     * @throws Refused when the object has a field that nobody reads
     */
    public function only(array $known): self
    {
        $object = \is_array($this->value) && ! $this->isList() ? $this->value : $this->fields();
        foreach (array_map(strval(...), array_keys($object)) as $name) {
            if (! \in_array($name, $known, true)) {
                throw Refused::at($this->pointer.'/'.self::escape($name), "“{$name}” is not known here; known are ".implode(', ', $known).'.');
            }
        }

        return $this;
    }

    /**
     * What is worked out from this value; a refusal without a place is of this one.
     *
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     *
     * @throws Refused
     */
    public function guard(callable $work): mixed
    {
        try {
            return $work();
        } catch (Refused $e) {
            throw $e->pointer === '' ? $this->refuse($e->getMessage()) : $e;
        }
    }

    public function isKept(): bool
    {
        return $this->outside !== null;
    }

    public function raw(): mixed
    {
        return $this->value;
    }

    /**
     * @param string $kept what it is and what it may be today, where it was kept
     *
     * @throws Refused where it comes from outside
     */
    private function beyond(string $refused, string $kept): void
    {
        if ($this->outside === null) {
            throw $this->refuse($refused);
        }
        $this->outside->add($this->pointer, $kept);
    }

    public function refuse(string $message): Refused
    {
        return Refused::at($this->pointer, $message);
    }

    private static function escape(string $token): string
    {
        return strpbrk($token, '~/') === false ? $token : str_replace(['~', '/'], ['~0', '~1'], $token);
    }
}
