<?php

declare(strict_types=1);

namespace App\Stores\Bodies;

use Hawkbrush\Core\Body\Body as CoreBody;
use Hawkbrush\Core\Body\Shape;
use Hawkbrush\Core\Body\Shine;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Step\Prepare\Condition;

/** Puts a kind of body into the drawer. */
final class SaveBody
{
    /**
     * From a painter's form: its measures and what is kept of it.
     *
     * @throws Refused
     */
    public function fromForm(Node $form): Body
    {
        $form->field('name')->text(80);
        $kept = ChangeBody::kept($form);
        $document = array_map(static fn(Node $n): mixed => $n->raw(), $form->fields());
        foreach (['condition', 'fittings', 'weight_g', 'stock'] as $field) {
            unset($document[$field]);
        }
        // A body that comes as mirror plastic shines unless the form says otherwise.
        $document['shine'] ??= ($kept['condition'] ?? null) === Condition::Mirror->value ? Shine::Mirror->value : Shine::None->value;

        return $this->save(CoreBody::read(Node::root($document)), $kept);
    }

    /**
     * From a usual shape, to be measured later.
     *
     * @param string|null $name null: the shape's, with its length
     *
     * @throws Refused
     */
    public function shaped(Shape $shape, float $lengthMm, ?string $name = null, int $stock = 0): Body
    {
        return $this->save($shape->body($name ?? $shape->called($lengthMm), $lengthMm), ['stock' => $stock]);
    }

    /**
     * The same body if the drawer already knows it, else a new one.
     *
     * @param array<string, mixed> $kept of a new one: stock, condition, fittings, weight
     */
    public function save(CoreBody $body, array $kept = []): Body
    {
        [$form, $fingerprint] = $this->form($body);

        return Body::query()->where('fingerprint', $fingerprint)->first()
            ?? Body::query()->create([
                ...$kept,
                'name' => $body->name,
                'material' => $body->material,
                'form' => $form,
                'fingerprint' => $fingerprint,
            ])->refresh();
    }

    /** @return array{array<string, mixed>, string} what is kept of its form, and the fingerprint of all of it */
    public function form(CoreBody $body): array
    {
        $form = $body->document();
        unset($form['name'], $form['material']);

        return [$form, hash('xxh128', serialize([$body->name, $body->material, $form]))];
    }
}
