<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Document;

/** One field of a document: its name, what it may be, its unit in its name, and what it is where it is left out. */
final readonly class Field
{
    /**
     * @param 'number'|'whole'|'text'|'flag'|'choice'|'colour'|'date'|'list'|'document' $type
     * @param float|null $least of a number, the length of a text or the entries of a list
     * @param list<string> $choices
     * @param string $figure its name among the bounds that forms are given; figures of two documents may have one name
     */
    private function __construct(
        public string $name,
        public string $type,
        public ?float $least = null,
        public ?float $most = null,
        public array $choices = [],
        public bool $required = true,
        public mixed $default = null,
        public string $figure = '',
    ) {}

    public static function number(string $name, float $least, float $most): self
    {
        return new self($name, 'number', $least, $most);
    }

    public static function whole(string $name, int $least, int $most): self
    {
        return new self($name, 'whole', $least, $most);
    }

    /** A text, trimmed, of at most so many characters. */
    public static function text(string $name, int $most, int $least = 1): self
    {
        return new self($name, 'text', $least, $most);
    }

    public static function flag(string $name): self
    {
        return new self($name, 'flag');
    }

    /** @param list<string> $choices */
    public static function choice(string $name, array $choices): self
    {
        return new self($name, 'choice', choices: $choices);
    }

    /** #rrggbb */
    public static function colour(string $name): self
    {
        return new self($name, 'colour');
    }

    /** YYYY-MM-DD */
    public static function date(string $name): self
    {
        return new self($name, 'date');
    }

    /** A list; what stands in it is read by its own document. */
    public static function list(string $name, int $least, int $most): self
    {
        return new self($name, 'list', $least, $most);
    }

    /** Something that is read by a document of its own. */
    public static function document(string $name): self
    {
        return new self($name, 'document');
    }

    /** The same, which may be left out: then it is this. */
    public function or(mixed $default): self
    {
        return new self($this->name, $this->type, $this->least, $this->most, $this->choices, false, $default, $this->figure);
    }

    /** The same with a name of its own among the bounds. */
    public function asFigure(string $figure): self
    {
        return new self($this->name, $this->type, $this->least, $this->most, $this->choices, $this->required, $this->default, $figure);
    }

    public function figure(): string
    {
        return $this->figure === '' ? $this->name : $this->figure;
    }

    /** @return array{float, float} the least and the most of it */
    public function bounds(): array
    {
        return [$this->least ?? -INF, $this->most ?? INF];
    }

    /** The nearest value within its bounds. */
    public function within(float $value): float
    {
        return max($this->least ?? -INF, min($this->most ?? INF, $value));
    }
}
