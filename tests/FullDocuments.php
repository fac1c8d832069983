<?php

declare(strict_types=1);

namespace Tests;

use Hawkbrush\Core\Air\CleanFigures;
use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Extent;
use Hawkbrush\Core\Body\Marks;
use Hawkbrush\Core\Clear\Product;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Coat\Place;
use Hawkbrush\Core\Coat\Setting;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Drying\Dryer;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Eye\Ring;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Node;

/**
 * Every document with no field at its default, made from its declaration: a field that is declared is in it by itself, and one
 * that is read or written in part only does not come back.
 */
final class FullDocuments
{
    /** What a figure cannot be made up for. */
    private const GIVEN = [
        'from_u' => 0.2, 'to_u' => 0.7, 'from_deg' => 30.0, 'to_deg' => 120.0, 'joints_u' => [0.5], 'hooks_u' => [0.3, 0.8],
        'paint' => 'white', 'side' => 'left',
    ];

    /** @return array<string, array{Fields, \Closure(array<string, mixed>): array<string, mixed>, string}> declaration, there and back, its schema */
    public static function all(): array
    {
        $white = ['white' => self::paint()];

        return [
            'body' => [Body::fields(), static fn(array $d): array => Body::read(Node::root($d))->document(), 'recipe.schema.json#body'],
            'marks' => [
                Marks::fields(), static fn(array $d): array => Marks::read(Node::root($d))->document(),
                'recipe.schema.json#body/properties/marks',
            ],
            'zone of a body' => [
                Extent::fields(), static fn(array $d): array => Extent::read(Node::root($d), false)->document(),
                'recipe.schema.json#body/properties/marks/properties/zones/additionalProperties',
            ],
            'paint' => [
                Paint::fields()->without('seen'), static fn(array $d): array => Paint::read('a', Node::root($d))->document(),
                'recipe.schema.json#paint',
            ],
            'part of a mix' => [
                Mixture::fields(), static fn(array $d): array => Mixture::read(Node::root([$d]), $white)->document()[0],
                'step.schema.json#MixPart',
            ],
            'setting' => [
                Setting::fields(), static fn(array $d): array => Setting::read(Node::root($d))->document(), 'step.schema.json#SetBefore',
            ],
            'range' => [
                Place::fields()->without('zone'), static fn(array $d): array => Place::read(Node::root($d))->document(),
                'step.schema.json#Where/oneOf/1',
            ],
            'ring of an eye' => [
                Ring::fields(), static fn(array $d): array => Ring::read(Node::root($d), $white)->document(), 'step.schema.json#Ring',
            ],
            'sheet of a clear' => [
                Product::fields(), static fn(array $d): array => Product::read(Node::root($d))->document(), 'openapi#ClearSheet',
            ],
            'dryer' => [Dryer::fields(), static fn(array $d): array => Dryer::read(Node::root($d))->document(), 'openapi#DryerForm'],
            'cleaning' => [
                CleanFigures::fields(), static fn(array $d): array => CleanFigures::read(Node::root(['blow' => $d]))->all()['blow'],
                'openapi#Cleaning',
            ],
            'eye' => [
                Eye::fields(), static fn(array $d): array => Eye::read(Eye::fields()->in(Node::root($d)))->document(), '',
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function of(string $name): array
    {
        return self::made(self::all()[$name][0]);
    }

    /** @return array<string, mixed> */
    public static function made(Fields $fields): array
    {
        $document = [];
        foreach ($fields->all() as $field) {
            $document[$field->name] = self::value($field);
        }

        return $document;
    }

    private static function value(Field $field): mixed
    {
        [$least, $most] = $field->bounds();
        $near = static fn(float $share): float => round($least + $share * ($most - $least), 3);

        return self::GIVEN[$field->name] ?? match ($field->type) {
            'number' => $near(0.25) === (float) (is_numeric($field->default) ? $field->default : NAN) ? $near(0.5) : $near(0.25),
            'whole' => (int) $least + ($field->default === (int) $least ? 1 : 0),
            'text' => substr("Some {$field->name}", 0, (int) $most),
            'flag' => $field->default !== true,
            'choice' => $field->choices[0] === $field->default ? $field->choices[1] : $field->choices[0],
            'colour' => '#336699',
            'date' => '2026-03-04',
            'list' => $field->name === 'stations' ? [[0.0, 0.0, 0.0, 0.0], [0.4, 9.0, 8.0, 5.0], [1.0, 0.0, 0.0, 0.0]] : [],
            'document' => self::inner($field->name),
        };
    }

    private static function inner(string $name): mixed
    {
        if (isset(Optics::MOST[$name])) {
            return array_fill(0, 31, 0.25);
        }

        return match ($name) {
            'ground' => ['reflectance' => ['start' => 400, 'step' => 10, 'values' => array_fill(0, 31, 0.4)]],
            'marks' => self::made(Marks::fields()),
            'zones' => ['belly' => self::made(Extent::fields())],
            default => null,
        };
    }

    private static function paint(): Paint
    {
        return Paint::read('white', Node::root(['kind' => 'opaque', 'hex' => '#ffffff']));
    }
}
