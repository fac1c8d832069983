<?php

declare(strict_types=1);

namespace App\Stores\Rig;

use Hawkbrush\Core\Air\Nozzle;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Drying\Dryer;
use Hawkbrush\Core\Node;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * An airbrush, a compressor or a dryer of the rig. One airbrush and one dryer are in hand.
 *
 * @property string $id
 * @property string $kind
 * @property string $name
 * @property array<string, mixed> $figures by kind
 * @property bool $in_hand
 * @property int $revision
 * @property Carbon|null $archived_at
 */
final class Equipment extends Model
{
    use HasUlids;

    public const KINDS = ['airbrush', 'compressor', 'dryer'];

    /** What a painter says of one of a kind beside its name. */
    public static function fields(string $kind): Fields
    {
        return match ($kind) {
            'airbrush' => new Fields(
                Field::number('nozzle_mm', Nozzle::LEAST_MM, Nozzle::MOST_MM)->or(Nozzle::ORDINARY_MM),
                Field::number('cup_ml', 0.2, 200)->or(7),
                Field::flag('gauge')->or(false),
            ),
            'compressor' => new Fields(
                Field::number('most_psi', 10, 200)->or(58),
                Field::number('tank_l', 0, 200)->or(3),
                Field::flag('moisture_trap')->or(false),
            ),
            default => new Fields(Field::document('dryer')->or(null)),
        };
    }

    /** @return array<string, array{float, float}> the least and the most of each figure of any kind */
    public static function bounds(): array
    {
        return array_merge(Dryer::fields()->bounds(), ...array_map(
            static fn(string $kind): array => self::fields($kind)->bounds(),
            self::KINDS,
        ));
    }

    protected $table = 'equipment';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['figures' => 'array', 'in_hand' => 'boolean', 'revision' => 'integer', 'archived_at' => 'datetime'];
    }

    /** The one of its kind that is in hand. */
    public static function inHand(string $kind): ?self
    {
        return self::query()->where('kind', $kind)->where('in_hand', true)->whereNull('archived_at')->first();
    }

    /** @return array<string, self> what is in hand, by kind */
    public static function allInHand(): array
    {
        $hand = [];
        foreach (self::query()->where('in_hand', true)->whereNull('archived_at')->get() as $one) {
            $hand[$one->kind] = $one;
        }

        return $hand;
    }

    public function nozzle(): Nozzle
    {
        return new Nozzle((float) Node::kept($this->figures)->field('nozzle_mm')->number());
    }

    public function dryer(): Dryer
    {
        return Dryer::read(Node::kept($this->figures)->field('dryer'));
    }
}
