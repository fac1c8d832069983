<?php

declare(strict_types=1);

namespace App\Stores\Rack;

use App\Stores\TakeUp;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Paint as CorePaint;
use Hawkbrush\Core\Exchange\Bottle;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\Unmeasured;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Illuminate\Support\Facades\DB;

/** Adds a paint to the rack with its optics computed, and changes its details. */
final readonly class SavePaint
{
    /** What makes the paint itself; the rest is about the bottle. */
    private const PAINT = ['name', 'kind', 'hex', 'family', 'solids', 'drop_ml', 'drying'];

    public function __construct(private ReadMix $mix) {}

    /**
     * From the rack's own form: a swatch as seen under clear, a kind, and what the bottle holds.
     *
     * @throws Refused
     */
    public function fromForm(Node $form): Paint
    {
        $form->only([...self::PAINT, ...Paint::bottle()->names()]);
        $form->field('name');
        $bottle = Paint::bottle()->among($form);
        $left = $bottle->has('left_ml') ? [] : ['left_ml' => $bottle->number('bottle_ml')];

        return $this->put($this->read($form, []), $left + $bottle->all() + ['guess' => Unmeasured::MODEL]);
    }

    /** As a line of a rack table has it: the paint that is known by its name brought up to date, else a new one; neither is kept. */
    public function ofBottle(Bottle $bottle, ?Paint $known): Paint
    {
        $about = [
            'finish' => $bottle->finish,
            'bottle_ml' => $bottle->bottleMl,
            'left_ml' => $bottle->leftMl,
            'opened_on' => $bottle->openedOn,
        ];
        $document = Node::root([
            'name' => $bottle->name,
            'kind' => $bottle->kind->value,
            'hex' => $bottle->hex,
            'family' => $bottle->family,
            'solids' => $bottle->solids,
            'drop_ml' => $bottle->dropMl,
            'drying' => $bottle->drying ?? $known->drying ?? 1.0,
        ]);
        if ($known === null) {
            return $this->fresh($this->read($document, []), $about + ['guess' => Unmeasured::MODEL]);
        }
        [$as, $about] = $this->keeping($known, $document, $about, false);

        return (clone $known)->fill($this->columns($as) + $about + ['revision' => $known->revision + 1]);
    }

    /**
     * Changes of one bottle. A new swatch or kind means a new guess, unless a card was measured; so does being asked for one.
     *
     * @throws Refused
     */
    public function change(Paint $paint, Node $form): void
    {
        $form->only(['revision', 'archived', 'guess_anew', ...self::PAINT, ...Paint::bottle()->names()]);
        $about = Paint::bottle()->among($form)->named() + TakeUp::archived($form);
        $document = array_intersect_key($paint->getAttributes(), array_flip(self::PAINT));
        foreach (self::PAINT as $field) {
            if ($form->has($field)) {
                $document[$field] = $form->field($field)->raw();
            }
        }
        $set = array_values(array_filter(self::PAINT, $form->has(...)));
        $node = Node::kept($document)->setting($set);
        $this->settle($paint, ...$this->keeping($paint, $node, $about, $form->optional('guess_anew')?->boolean() ?? false));
    }

    /**
     * {name, parts, made_ml}: a mix under a name; what was poured together comes out of its bottles.
     *
     * @throws Refused when a bottle holds less than was poured
     */
    public function fromMix(Node $form): Paint
    {
        $form->only(['name', 'parts', 'made_ml']);
        $mix = new Mixture($this->mix->read($form->field('parts')));
        $made = $form->optional('made_ml')?->number(0, Paint::MOST_ML) ?? 0.0;

        return DB::transaction(function () use ($form, $mix, $made): Paint {
            $recorded = [];
            foreach ($mix->parts as $i => [$part, $drops]) {
                $poured = $made * $drops * $part->dropMl / $mix->ml();
                $bottle = Paint::query()->findOrFail($part->id);
                if ($poured > $bottle->left_ml + 1e-6) {
                    $words = \sprintf('This takes %.1f ml of %s; only %.1f ml are left.', $poured, $part->name, $bottle->left_ml);
                    throw Refused::at('/made_ml', $words);
                }
                if ($poured > 0) {
                    $bottle->update(['left_ml' => $bottle->left_ml - $poured, 'revision' => $bottle->revision + 1]);
                }
                $recorded[$i] = ['paint' => $part->id, 'name' => $part->name, 'drops' => $drops];
            }

            return $this->put(
                $mix->paint('new', $form->field('name')->text(80)),
                ['bottle_ml' => max($made, 1.0), 'left_ml' => $made, 'mix' => $recorded],
            );
        });
    }

    /** A paint that came with a document, as a new and empty bottle; it is not kept yet. */
    public function ofDocument(CorePaint $paint): Paint
    {
        return $this->fresh($paint, ['bottle_ml' => Paint::USUAL_ML, 'left_ml' => 0.0]);
    }

    /**
     * Keeps those of them that the rack does not hold already, all at once.
     *
     * @param list<Paint> $paints of {@see ofDocument}
     *
     * @return list<Paint> in the same order the one that the rack holds now, {@see Paint::$wasRecentlyCreated} says whether it is new
     */
    public function keepAll(array $paints): array
    {
        $held = Paint::query()->whereIn('fingerprint', array_column($paints, 'fingerprint'))
            ->orderByDesc('id')->get()->keyBy('fingerprint')->all();
        $rows = [];
        foreach ($paints as $paint) {
            if (! isset($held[$paint->fingerprint])) {
                $held[$paint->fingerprint] = $paint;
                $paint->wasRecentlyCreated = true;
                $rows[] = $paint->getAttributes() + ['created_at' => now(), 'updated_at' => now()];
            }
        }
        Paint::query()->insert($rows);

        return array_map(static fn(Paint $paint): Paint => $held[$paint->fingerprint], $paints);
    }

    /** What a card taught. */
    public function teach(Paint $paint, Optics $found): void
    {
        $this->settle($paint, $paint->core()->measured($found), ['guess' => null]);
    }

    /** @param array<string, mixed> $about */
    private function fresh(CorePaint $paint, array $about): Paint
    {
        $fresh = new Paint($this->columns($paint) + $about + ['revision' => 1]);
        $fresh->id = $fresh->newUniqueId();

        return $fresh;
    }

    /** @param array<string, mixed> $about */
    private function put(CorePaint $paint, array $about): Paint
    {
        return Paint::query()->create($this->columns($paint) + $about)->refresh();
    }

    /** @param array<string, mixed> $about */
    private function settle(Paint $paint, CorePaint $as, array $about): void
    {
        $paint->update($this->columns($as) + $about + ['revision' => $paint->revision + 1]);
    }

    /**
     * @param array<string, mixed> $known optics that stay, or nothing: then they are guessed from swatch and kind
     *
     * @throws Refused
     */
    private function read(Node $form, array $known): CorePaint
    {
        return CorePaint::read('new', $form->part(self::PAINT)->beside($known === [] ? ['seen' => 'clear'] : $known));
    }

    /**
     * With the optics it has, where they were measured, mixed, or guessed from the same swatch and kind; else guessed.
     *
     * @param array<string, mixed> $about
     *
     * @return array{CorePaint, array<string, mixed>} and what is known about it
     */
    private function keeping(Paint $paint, Node $document, array $about, bool $anew): array
    {
        $guessed = ! $paint->from_card && $paint->mix === null;
        $same = $document->field('kind')->raw() === $paint->kind && $document->field('hex')->raw() === $paint->hex;
        if ($guessed && ($anew || ! $same)) {
            return [$this->read($document, []), $about + ['guess' => Unmeasured::MODEL]];
        }

        return [$this->read($document, ['from_card' => $paint->from_card, ...$paint->optics]), $about];
    }

    /** @return array<string, mixed> */
    private function columns(CorePaint $paint): array
    {
        return [
            'name' => $paint->name, 'kind' => $paint->kind->value, 'hex' => $paint->hex, 'family' => $paint->family,
            'solids' => $paint->solids, 'drop_ml' => $paint->dropMl, 'from_card' => $paint->fromCard, 'drying' => $paint->drying,
            'optics' => $this->optics($paint->optics), 'fingerprint' => $this->fingerprint($paint),
        ];
    }

    /** @return array<string, list<float>> */
    private function optics(Optics $optics): array
    {
        return array_filter($optics->curves(), static fn(?array $curve): bool => $curve !== null);
    }

    private function fingerprint(CorePaint $paint): string
    {
        return hash(
            'xxh128',
            serialize([
                $paint->name,
                $paint->kind,
                $paint->hex,
                $paint->solids,
                $paint->dropMl,
                $paint->family,
                $paint->fromCard,
                $this->optics($paint->optics),
            ]),
        );
    }
}
