<?php

declare(strict_types=1);

namespace App\Models;

use Hawkbrush\Core\Air\Nozzle;
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

    /** Least and most of its figures, in the unit of the name. */
    public const BOUNDS = [
        'nozzle_mm' => [Nozzle::LEAST_MM, Nozzle::MOST_MM], 'cup_ml' => [0.2, 200], 'most_psi' => [10, 200], 'tank_l' => [0, 200],
    ];

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
        return new Nozzle((float) Node::root($this->figures)->field('nozzle_mm')->number());
    }

    public function dryer(): Dryer
    {
        return Dryer::read(Node::root($this->figures)->field('dryer'));
    }
}
