<?php

declare(strict_types=1);

use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Document\Outside;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Tests\Contract;
use Tests\FullDocuments;

// A document is declared once. Whatever of it is forgotten, in reading, in writing, in a schema, is missed here.

/** The schema that a document is held against; null: it stands within another. */
function schemaOf(string $where): ?stdClass
{
    if ($where === '') {
        return null;
    }
    [$file, $path] = explode('#', $where, 2);
    if ($file === 'openapi') {
        return Contract::document()->components->schemas->{$path};
    }
    $at = json_decode((string) file_get_contents(__DIR__."/../../../contract/{$file}"))->{'$defs'};
    foreach (explode('/', $path) as $name) {
        $at = is_array($at) ? $at[(int) $name] : $at->{$name};
    }

    return $at;
}

/** What a property says itself, or what it refers to says. */
function resolved(string $where, stdClass $property): stdClass
{
    $name = isset($property->{'$ref'}) && str_starts_with($property->{'$ref'}, '#/$defs/') ? basename($property->{'$ref'}) : null;

    return $name === null ? $property : schemaOf(explode('#', $where)[0].'#'.$name) ?? $property;
}

it('comes back whole, with every field that its schema names', function (string $name): void {
    [$fields, $thereAndBack, $where] = FullDocuments::all()[$name];
    $full = FullDocuments::made($fields);
    $schema = schemaOf($where);
    if ($schema !== null) {
        $named = array_diff(array_keys((array) $schema->properties), ['seen']);
        expect($fields->names())->toEqualCanonicalizing(array_values($named));
    }
    expect($thereAndBack($full))->toEqual($full);
    foreach ($fields->all() as $field) {
        expect($full[$field->name])->not->toEqual($field->default, "{$name}: {$field->name} is at its default");
    }
})->with(array_keys(FullDocuments::all()));

it('has the bounds that its schema has', function (string $name): void {
    [$fields, , $where] = FullDocuments::all()[$name];
    $schema = schemaOf($where);
    foreach ((array) ($schema->properties ?? []) as $property => $says) {
        if ($property === 'seen') {
            continue;
        }
        $field = $fields->of($property);
        $says = resolved($where, $says);
        $bounds = match ($field->type) {
            'number', 'whole' => [$says->minimum ?? null, $says->maximum ?? null],
            'text' => [$says->minLength ?? 0, $says->maxLength ?? null],
            'list' => [$says->minItems ?? 0, $says->maxItems ?? null],
            default => null,
        };
        expect($bounds ?? $field->bounds())->toEqual($field->bounds(), "{$name}: {$property}");
        if ($field->type === 'choice') {
            expect($says->enum)->toBe($field->choices);
        }
    }
})->with(array_keys(array_filter(FullDocuments::all(), static fn(array $one): bool => str_contains($one[2], '.json#'))));

it('refuses from outside what lies outside its bounds, and reads it where it was kept', function (string $name): void {
    [$fields, , $where] = FullDocuments::all()[$name];
    $full = FullDocuments::made($fields);
    foreach ($fields->all() as $field) {
        [$least, $most] = $field->bounds();
        if (! in_array($field->type, ['number', 'whole'], true) || in_array($field->name, ['from_u', 'to_u', 'from_deg', 'to_deg'], true)) {
            continue;
        }
        $beyond = [$field->name => $most + 1] + $full;
        expect(static fn() => $fields->in(Node::root($beyond))->all())->toThrow(
            fn(Refused $e) => expect($e->pointer)->toBe("/{$field->name}"),
        );
        $outside = new Outside();
        expect($fields->in(Node::kept($beyond, $outside))->all()[$field->name])->toEqual($most + 1)
            ->and(array_keys($outside->all()))->toBe([$field->name])
            ->and($field->within($most + 1))->toBe((float) $most)
            ->and($field->within($least - 1))->toBe((float) $least);
    }
})->with(array_keys(FullDocuments::all()));

it('holds to its bounds what is set of a kept document, and that only', function (): void {
    $fields = new Fields(Field::number('psi', 1, 35), Field::number('strokes', 1, 9));
    $kept = Node::kept(['psi' => 38, 'strokes' => 3]);
    expect($fields->in($kept->setting(['strokes']))->number('psi'))->toBe(38.0)
        ->and(static fn() => $fields->in($kept->setting(['psi']))->number('psi'))->toThrow(Refused::class, 'from 1 to 35')
        ->and($fields->in(Node::root(['strokes' => 4])->over(['psi' => 38, 'strokes' => 3]))->all())
        ->toBe(['psi' => 38.0, 'strokes' => 4.0])
        ->and(static fn() => $fields->in(Node::root(['strokes' => 40])->over(['psi' => 38])))->not->toThrow(Refused::class)
        ->and(static fn() => $fields->in(Node::root(['strokes' => 40])->over(['psi' => 38]))->number('strokes'))->toThrow(Refused::class);
});

it('takes away what may be none, and refuses none where something has to be', function (): void {
    $fields = new Fields(Field::number('price', 0, 10)->or(null), Field::whole('left', 0, 9)->or(0), Field::text('name', 9));
    expect($fields->in(Node::root(['price' => null]))->named())->toBe(['price' => null])
        ->and($fields->in(Node::root(['name' => 'Glass', 'left' => 3]))->all())->toBe(['price' => null, 'left' => 3, 'name' => 'Glass'])
        ->and(static fn() => $fields->in(Node::root(['left' => null]))->named())->toThrow(Refused::class, 'A number was expected here')
        ->and(static fn() => $fields->in(Node::root([]))->all())->toThrow(Refused::class, '“name” is missing');
});
