<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A photograph that colours are picked from: of a pattern's fish, or of a card. The file lies beside the database.
 *
 * @property string $id
 * @property string|null $pattern_id
 * @property int $width
 * @property int $height
 * @property Carbon|null $removed_at
 */
final class ReferencePhoto extends Model
{
    use HasUlids;

    protected $table = 'pictures';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['width' => 'integer', 'height' => 'integer', 'removed_at' => 'datetime'];
    }
}
