<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A photograph taken at the bench; the file lies beside the database, named by id.
 *
 * @property string $id
 * @property string $run_id
 * @property int $width
 * @property int $height
 */
final class BenchPhoto extends Model
{
    use HasUlids;

    protected $table = 'photos';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['width' => 'integer', 'height' => 'integer'];
    }
}
