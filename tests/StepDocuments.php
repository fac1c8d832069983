<?php

declare(strict_types=1);

namespace Tests;

use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Step\Step;
use Hawkbrush\Core\Step\Steps;
use Opis\JsonSchema\Validator;

/** A step of every kind as a document with no field at its default, and contract/step.schema.json to hold it against. */
final class StepDocuments
{
    private static ?\stdClass $schema = null;

    private static ?Validator $validator = null;

    /** @var array<string, \stdClass> */
    private static array $byKind = [];

    /** @return array<string, array<string, mixed>> by kind */
    public static function full(): array
    {
        $kinds = [
            'paint' => [
                'mix' => [['paint' => 'white', 'drops' => 3], ['paint' => 'moss', 'drops' => 2]],
                'technique' => ['name' => 'punch', 'shape' => 'drop'],
                'where' => ['from_u' => 0.1, 'to_u' => 0.8, 'from_deg' => 20, 'to_deg' => 110, 'soft' => 0.4, 'side' => 'left'],
                'aim_deg' => 90,
                'slant_deg' => 25,
                'width_mm' => 12,
                'coats' => 2,
                'weight' => 'light',
                'psi' => 11.5,
                'thinning_percent' => 40,
                'strokes' => 6,
                'set' => ['by' => 'air', 'minutes' => 12], 'seed' => 9, 'work' => 'dot',
            ],
            'prep' => ['task' => 'Scuff it.', 'minutes' => 4],
            'try' => ['ground' => 'glove', 'look_for' => 'a fine even mist', 'psi' => 8, 'thinning_percent' => 55],
            'wait' => ['task' => 'Cured through.', 'minutes' => 720],
            'inspect' => ['task' => 'Look at the joints.', 'minutes' => 2],
            'eye' => ['diameter_mm' => 6.5, 'iris' => '#a0b030', 'pupil' => 'slit upright', 'kind' => 'glass', 'set_with' => 'gel',
                'rings' => [['paint' => 'white', 'percent' => 90, 'by' => 'punch'], ['paint' => 'moss', 'percent' => 40, 'by' => 'pen']],
                'spark' => true],
            'clear' => ['clear' => 'UV resin', 'coats' => 3, 'yellow_percent' => 20, 'stirred' => [[
                'paint' => 'white', 'percent' => 2, 'flake_mm' => 0.4, 'where' => ['zone' => 'belly', 'side' => 'left'],
            ]]],
            'dip' => [
                'mix' => [['paint' => 'moss', 'drops' => 2]], 'colour_percent' => 20, 'weight' => 'light', 'dips' => 2, 'to_u' => 0.8,
                'melt_c' => 170, 'cup_ml' => 200,
            ],
        ];
        foreach ($kinds as $kind => $fields) {
            $kinds[$kind] = ['id' => 'a', 'type' => $kind, 'title' => 'Its title', 'on' => false, 'check' => 'a check',
                'meant' => [['rule' => 'hardly-shows', 'figures' => '0a1b2c3d']]] + $fields;
        }
        $kinds['paint']['technique'] = Steps::write(self::read($kinds['paint']))['technique'];

        return $kinds;
    }

    /** @param array<string, mixed> $document from outside */
    public static function read(array $document): Step
    {
        return Steps::read(Node::root($document), self::paints());
    }

    /** @param array<string, mixed> $document as it was kept once */
    public static function kept(array $document): Step
    {
        return Steps::read(Node::kept($document), self::paints());
    }

    /** @return array<string, Paint> */
    private static function paints(): array
    {
        $paint = static fn(string $id): Paint => Paint::read($id, Node::root(['hex' => '#808080', 'kind' => 'opaque']));

        return ['white' => $paint('white'), 'moss' => $paint('moss')];
    }

    /** @return array<string, \stdClass> the schema of each kind by its name */
    public static function schemas(): array
    {
        $kinds = [];
        foreach (self::schema()->{'$defs'}->StepDocument->oneOf as $one) {
            $kind = self::schema()->{'$defs'}->{basename($one->{'$ref'})};
            $kinds[$kind->properties->type->const] = $kind;
        }

        return $kinds;
    }

    /** @param array<string, mixed> $document */
    public static function allows(array $document, string $kind): bool
    {
        self::$validator ??= new Validator();
        // One kind, not one of all: the others are refused by their kind alone.
        self::$byKind[$kind] ??= (object) ['$defs' => self::schema()->{'$defs'}, ...(array) self::schemas()[$kind]];

        return self::$validator->validate(json_decode((string) json_encode($document)), self::$byKind[$kind])->isValid();
    }

    private static function schema(): \stdClass
    {
        return self::$schema ??= json_decode(
            (string) file_get_contents(__DIR__.'/../contract/step.schema.json'),
            false,
            64,
            JSON_THROW_ON_ERROR,
        );
    }
}
