<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Body;
use Hawkbrush\Core\Body\Body as CoreBody;
use Hawkbrush\Core\Exchange\BodyWriter;

/** Puts a kind of body into the drawer. */
final class SaveBody
{
    /** The same body if the drawer already knows it, else a new one. */
    public function of(CoreBody $body, int $stock = 0): Body
    {
        $form = BodyWriter::write($body);
        unset($form['name'], $form['material']);
        $fingerprint = hash('xxh128', serialize([$body->name, $body->material, $form]));

        return Body::query()->where('fingerprint', $fingerprint)->first() ?? Body::query()->create([
            'name' => $body->name, 'material' => $body->material, 'form' => $form, 'fingerprint' => $fingerprint, 'stock' => $stock,
        ]);
    }
}
