<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Paint;
use Hawkbrush\Core\Exchange\PaintReader;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Paint as CorePaint;
use Hawkbrush\Core\Refused;

/** Puts a paint on the rack, with the optics worked out. */
final class SavePaint
{
    private const BOTTLE_ML = 30.0;

    /**
     * From the rack's own form: a swatch as seen under clear, a kind, and what the bottle holds.
     *
     * @throws Refused
     */
    public function fromForm(Node $form): Paint
    {
        $form->only(['name', 'kind', 'hex', 'family', 'solids', 'bottle_ml', 'left_ml']);
        $document = ['seen' => 'clear'];
        foreach (['name', 'kind', 'hex', 'family', 'solids'] as $field) {
            if ($form->has($field)) {
                $document[$field] = $form->field($field)->raw();
            }
        }
        $bottle = $form->optional('bottle_ml')?->number(1, 5000) ?? self::BOTTLE_ML;
        $form->field('name')->text(80);

        return $this->put(PaintReader::paint('new', Node::root($document)), $bottle, $form->optional('left_ml')?->number(0, 5000) ?? $bottle);
    }

    /** A paint that came with a document: the same one if the rack already holds it, else a new, empty bottle. */
    public function fromDocument(CorePaint $paint): Paint
    {
        return Paint::query()->where('fingerprint', $this->fingerprint($paint))->first() ?? $this->put($paint, self::BOTTLE_ML, 0.0);
    }

    private function put(CorePaint $paint, float $bottleMl, float $leftMl): Paint
    {
        return Paint::query()->create([
            'name' => $paint->name, 'kind' => $paint->kind->value, 'hex' => $paint->hex, 'family' => $paint->family,
            'solids' => $paint->solids, 'drop_ml' => $paint->dropMl, 'from_card' => $paint->fromCard,
            'bottle_ml' => $bottleMl, 'left_ml' => $leftMl,
            'optics' => $this->optics($paint), 'fingerprint' => $this->fingerprint($paint),
        ])->refresh();
    }

    /** @return array<string, list<float>> */
    private function optics(CorePaint $paint): array
    {
        return array_filter([
            'k' => $paint->optics->k->values, 's' => $paint->optics->s->values,
            'glint' => $paint->optics->glint?->values, 'glow' => $paint->optics->glow?->values,
        ]);
    }

    private function fingerprint(CorePaint $paint): string
    {
        return hash('xxh128', serialize([$paint->name, $paint->kind, $paint->hex, $paint->solids, $paint->dropMl, $paint->family, $paint->fromCard, $this->optics($paint)]));
    }
}
