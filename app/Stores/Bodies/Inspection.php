<?php

declare(strict_types=1);

namespace App\Stores\Bodies;

use Illuminate\Database\Eloquent\Model;

/**
 * One body of a lot looked over. Only ever added: looked over again, the later word holds.
 *
 * @property string $lot_id
 * @property int $number
 * @property bool $rejected
 * @property string $fault
 */
final class Inspection extends Model
{
    public const UPDATED_AT = null;

    protected $primaryKey = 'seq';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['number' => 'integer', 'rejected' => 'boolean'];
    }
}
