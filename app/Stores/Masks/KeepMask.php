<?php

declare(strict_types=1);

namespace App\Stores\Masks;

use App\Actions\Named;
use App\Actions\Patterns\ReadRecipe;
use App\Models\Version;
use App\Stores\Bodies\Body;
use Hawkbrush\Core\Mask\Plate;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\Techniques;

/** Puts masks into the box and changes what is kept of them. */
final readonly class KeepMask
{
    public function __construct(private ReadRecipe $read) {}

    /**
     * {name, body_id, technique, seed, sheet, lasts}, or for a step of a version {version_id, step}.
     *
     * @throws Refused when nothing is cut that way
     */
    public function make(Node $form): Mask
    {
        $form->only(['name', 'body_id', 'technique', 'seed', 'sheet', 'lasts', 'version_id', 'step']);
        $mask = $form->has('version_id') ? $this->forStep($form) : $this->drawn($form);
        $kept = Mask::fields()->among($form);
        $mask->sheet = $kept->text('sheet');
        $mask->lasts = $kept->has('lasts') ? $kept->whole('lasts') : null;
        $mask->plate();
        $mask->save();

        return $mask->refresh()->load('body');
    }

    /**
     * {body_id, technique, seed}: how it would be cut.
     *
     * @throws Refused
     */
    public function look(Node $form): Plate
    {
        $form->only(['body_id', 'technique', 'seed']);

        return Plate::read('', $form->field('technique'), self::seed($form), Plate::surface(self::body($form)->core()));
    }

    /**
     * {revision, name, sheet, uses, lasts, retired}, each only where it changes.
     *
     * @throws Refused
     */
    public function change(Mask $mask, Node $form): Mask
    {
        $form->only(['revision', 'retired', ...Mask::fields()->names()]);
        $retired = $form->optional('retired')?->boolean();
        $mask->update([
            ...Mask::fields()->among($form)->named(),
            'retired_at' => $retired === null ? $mask->retired_at : ($retired ? now() : null),
            'revision' => $mask->revision + 1,
        ]);

        return $mask->refresh()->load('body');
    }

    private function drawn(Node $form): Mask
    {
        $technique = $form->field('technique');
        $known = Techniques::named($technique->field('name')->choice(Techniques::cutNames()));
        $body = self::body($form);

        return new Mask([
            'name' => Mask::fields()->among($form)->text('name'), 'body_id' => $body->id, 'cut_for' => $body->core()->document(), 'uses' => 0,
            'technique' => ['name' => $known->name(), ...Choices::read($known, $technique)->all()],
            'seed' => self::seed($form),
        ]);
    }

    private function forStep(Node $form): Mask
    {
        $version = Named::version($form->field('version_id'));
        $recipe = $this->read->fromVersion($version);
        $step = $recipe->step($form->field('step')->text(40));
        $coat = $step?->coat();
        if ($coat === null || ! $coat->technique instanceof Cut) {
            throw $form->field('step')->refuse('No mask is cut for this step.');
        }

        return new Mask([
            'name' => $form->optional('name')?->text((int) Mask::fields()->of('name')->most) ?? mb_substr($version->pattern->name.': '.$step->label(), 0, 80),
            'body_id' => $version->body_id, 'cut_for' => $recipe->body->document(), 'uses' => 0,
            'technique' => ['name' => $coat->technique->name(), ...$coat->choices->all()], 'seed' => $coat->seed,
        ]);
    }

    private static function seed(Node $form): int
    {
        return $form->optional('seed')?->integer(0, 2_000_000_000) ?? 1;
    }

    private static function body(Node $form): Body
    {
        return Named::body($form->field('body_id'));
    }
}
