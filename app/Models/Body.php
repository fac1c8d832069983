<?php

declare(strict_types=1);

namespace App\Models;

use Hawkbrush\Core\Body\Body as CoreBody;
use Hawkbrush\Core\Exchange\BodyReader;
use Hawkbrush\Core\Node;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A kind of unpainted bait in the drawer.
 *
 * @property string $id
 * @property string $name
 * @property string $material
 * @property array<string, mixed> $form as in a recipe document
 * @property string $fingerprint
 * @property int $stock
 */
final class Body extends Model
{
    use HasUlids;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['form' => 'array', 'stock' => 'integer'];
    }

    public function core(): CoreBody
    {
        return BodyReader::read(Node::root(['name' => $this->name, 'material' => $this->material, ...$this->form]));
    }
}
