<?php

declare(strict_types=1);

namespace Tests;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Calls made up from the contract: what it allows, now and then with something in it that it does not. */
final class AnyCall
{
    private Randomizer $chance;

    /** @var list<array{string, string, \stdClass}> */
    private array $operations = [];

    /** @param list<string> $ids that there are */
    public function __construct(int $seed, private array $ids)
    {
        $this->chance = new Randomizer(new Xoshiro256StarStar($seed));
        foreach (get_object_vars(Contract::document()->paths) as $path => $methods) {
            foreach (get_object_vars($methods) as $method => $operation) {
                $this->operations[] = [strtoupper($method), $path, $operation];
            }
        }
    }

    /** @return array{string, string, array<string, mixed>|null, array<string, string>} */
    public function next(): array
    {
        [$method, $template, $operation] = $this->one($this->operations);
        $path = (string) preg_replace_callback('/\{\w+\}/', fn(): string => rawurlencode($this->id()), $template);
        $query = $headers = [];
        foreach ($operation->parameters ?? [] as $parameter) {
            if ($parameter->in === 'query' && $this->oftenly()) {
                $query[$parameter->name] = $this->value($parameter->schema, 0);
            } elseif ($parameter->in === 'header' && $this->oftenly()) {
                $headers[$parameter->name] = 'key-'.$this->chance->getInt(1, 200).'-of-any-call';
            }
        }
        $schema = $operation->requestBody->content->{'application/json'}->schema ?? null;
        $body = $schema === null ? ($method === 'GET' ? null : []) : $this->value($schema, 0);

        return [
            $method,
            $path
                .($query === [] ? '' : '?'.http_build_query(array_map(
                    static fn(mixed $v): mixed => \is_scalar($v) ? $v : json_encode($v),
                    $query,
                ))),
            \is_array($body) ? $body : [],
            $headers,
        ];
    }

    private function value(\stdClass $schema, int $depth): mixed
    {
        if ($this->chance->getInt(1, 25) === 1) {
            return $this->one(array_values(array_filter(
                Hostile::values(),
                static fn(mixed $v): bool => ! \is_array($v) || \count($v) < 50,
            )));
        }
        if (isset($schema->{'$ref'})) {
            return $this->value(Contract::document()->components->schemas->{basename($schema->{'$ref'})}, $depth);
        }
        if (isset($schema->const)) {
            return $schema->const;
        }
        if (isset($schema->enum)) {
            return $this->one($schema->enum);
        }
        $any = $schema->oneOf ?? $schema->anyOf ?? null;
        if ($any !== null) {
            return $this->value($this->one($any), $depth);
        }
        $type = \is_array($schema->type ?? null) ? $this->one($schema->type) : $schema->type ?? 'string';

        return match ($type) {
            'object' => $this->object($schema, $depth),
            'array' => $depth > 8 ? [] : array_map(
                fn(): mixed => $this->value($schema->items ?? new \stdClass(), $depth + 1),
                range(1, $this->chance->getInt(1, 3)),
            ),
            'integer' => $this->one([0, 1, 1, 1, 2, 3, 10, 1000]),
            'number' => $this->one([0, 0.5, 1, 5, 20, 60.5]),
            'boolean' => $this->chance->getInt(0, 1) === 1,
            'null' => null,
            default => $this->one([
                $this->id(),
                'flank',
                'spray',
                'opaque',
                '#4d6340',
                'add',
                'change',
                '2026-11-25T10:00:00Z',
                'any words',
                'done',
                'M0 0L9 0L9 9Z',
            ]),
        };
    }

    /** @return array<string, mixed> */
    private function object(\stdClass $schema, int $depth): array
    {
        $made = [];
        foreach (get_object_vars($schema->properties ?? new \stdClass()) as $name => $property) {
            if ($depth < 8 && (\in_array($name, $schema->required ?? [], true) || $this->oftenly())) {
                $made[$name] = $this->value($property, $depth + 1);
            }
        }

        return $made;
    }

    private function oftenly(): bool
    {
        return $this->chance->getInt(0, 1) === 1;
    }

    private function id(): string
    {
        return $this->chance->getInt(1, 8) === 1 ? $this->one(['none', '01ARZ3NDEKTSV4RRFFQ69G5FAV', "a'b", '..']) : $this->one($this->ids);
    }

    /**
     * @template T
     *
     * @param list<T> $list
     *
     * @return T
     */
    private function one(array $list): mixed
    {
        return $list[$this->chance->getInt(0, \count($list) - 1)];
    }
}
