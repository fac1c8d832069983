<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Document;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/**
 * All fields of a document, declared once: what reads it, writes it, checks its schema and bounds its form takes them from
 * here. A class that stands in documents declares them beside its `read` and its `document`.
 */
final readonly class Fields
{
    /** @var array<string, Field> */
    private array $by;

    public function __construct(Field ...$fields)
    {
        $this->by = array_column($fields, null, 'name');
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_keys($this->by);
    }

    /** @return list<Field> */
    public function all(): array
    {
        return array_values($this->by);
    }

    /** Those of this document and these. */
    public function with(Field ...$more): self
    {
        return new self(...[...$this->all(), ...$more]);
    }

    /** Those of this document but these. */
    public function without(string ...$names): self
    {
        return new self(...array_values(array_diff_key($this->by, array_flip($names))));
    }

    public function of(string $name): Field
    {
        return $this->by[$name] ?? throw new \LogicException("No field “{$name}” is declared.");
    }

    /** @throws Refused when a field stands in the document that is not declared */
    public function in(Node $document): Given
    {
        return new Given($this, $document->only($this->names()));
    }

    /** Of a document that other fields stand in too. */
    public function among(Node $document): Given
    {
        return new Given($this, $document);
    }

    /** @return array<string, array{float, float}> the least and the most of each figure, in the unit of its name */
    public function bounds(): array
    {
        $bounds = [];
        foreach ($this->by as $field) {
            if (\in_array($field->type, ['number', 'whole'], true) || $field->figure !== '') {
                $bounds[$field->figure()] = $field->bounds();
            }
        }

        return $bounds;
    }
}
