<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

use Hawkbrush\Core\Air\SprayWork;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Techniques;

/** A coat as it stands in the document of its step. */
final class CoatDocument
{
    private const MOST_SEED = 2_000_000_000;

    public static function fields(): Fields
    {
        /** @var Fields|null $fields */
        static $fields = null;

        return $fields ??= new Fields(
            Field::document('mix'),
            Field::document('technique'),
            Field::document('where'),
            Field::number('aim_deg', 0, 180)->or(null),
            Field::number('slant_deg', -70, 70)->or(0),
            Field::number('width_mm', 0.5, 300)->or(null),
            Field::whole('coats', 1, 40)->or(1),
            Field::choice('weight', Weight::names())->or(Weight::Medium->value),
            Field::number('psi', 0.5, 120)->or(15),
            Field::number('thinning_percent', 0, 95)->or(0),
            Field::whole('strokes', 1, 200)->or(4),
            Field::document('set')->or(null),
            Field::whole('seed', 0, self::MOST_SEED)->or(1),
            Field::choice('work', SprayWork::names())->or(null),
        );
    }

    /**
     * @param array<string, Paint> $paints by id
     *
     * @throws Refused
     */
    public static function read(string $id, Node $document, array $paints): Coat
    {
        $in = self::fields()->among($document);
        $named = $document->field('technique');
        $technique = Techniques::named($named->field('name')->choice(Techniques::names()));
        $set = $in->node('set');

        return new Coat(
            $id,
            new Thinned(Mixture::read($document->field('mix'), $paints), $in->number('thinning_percent') / 100),
            new PutOn($technique, Choices::read($technique, $named), $in->whole('seed')),
            Place::read($document->field('where')),
            new SprayAim($in->maybe('aim_deg'), $in->maybe('width_mm'), $in->number('slant_deg')),
            new Laid(
                $in->whole('coats'),
                Weight::from($in->choice('weight', Weight::names())),
                $in->number('psi'),
                $in->whole('strokes'),
                SprayWork::tryFrom($in->maybeChoice('work', SprayWork::names()) ?? ''),
            ),
            $set === null ? new Setting(SetBy::Heat) : Setting::read($set),
        );
    }

    /** @return array<string, mixed> */
    public static function write(Coat $coat): array
    {
        return [
            'mix' => $coat->mixture->document(),
            'technique' => ['name' => $coat->technique->name(), ...$coat->choices->all()],
            'where' => $coat->place->document(),
            'aim_deg' => $coat->aimDeg,
            'slant_deg' => $coat->slantDeg,
            'width_mm' => $coat->widthMm,
            'coats' => $coat->coats,
            'weight' => $coat->weight->value,
            'psi' => $coat->psi,
            'thinning_percent' => round($coat->thinning * 100, 4),
            'strokes' => $coat->strokes,
            'set' => $coat->setting->document(),
            'seed' => $coat->seed,
            'work' => $coat->saidWork()?->value,
        ];
    }
}
