<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Preference;
use Hawkbrush\Core\Air\SprayWork;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Coat\SetBy;
use Hawkbrush\Core\Coat\Weight;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Pattern\FreshStep;
use Hawkbrush\Core\Step\Prepare\Condition;
use Hawkbrush\Core\Step\Prepare\Fitting;
use Hawkbrush\Core\Step\Steps;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Shadowed;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Techniques;
use Illuminate\Http\JsonResponse;

/** The words a step is made of, so that the pages build their forms from what the core knows. */
final class VocabularyController
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse([
            'techniques' => array_map(static fn(Technique $t): array => [
                'name' => $t->name(),
                'label' => $t->label(),
                'sprayed' => $t->sprayed(),
                'cut' => $t instanceof Cut,
                'shadowed' => $t instanceof Shadowed,
                'placed' => $t instanceof Placed,
                'wet_um' => array_map(static fn(Weight $w): float => $w->wetUm($t->tool()), Weight::cases()),
                'random' => ! $t->mirrored(),
                'settings' => array_map(static fn(Parameter $s): array => [
                    'name' => $s->name,
                    'label' => $s->label,
                    'unit' => $s->unit,
                    'min' => $s->min,
                    'max' => $s->max,
                    'default' => $s->default,
                    'choices' => $s->choices,
                    'outline' => $s->outline,
                ], $t->settings()),
            ], self::techniques()),
            'zones' => Zone::names(),
            'conditions' => Condition::names(),
            'fittings' => Fitting::names(),
            'kinds' => Kind::names(),
            'families' => Paint::FAMILIES,
            'finishes' => Paint::FINISHES,
            'weights' => array_map(static fn(Weight $w): array => ['name' => $w->value, 'wet_um' => $w->wetUm()], Weight::cases()),
            'sets' => SetBy::names(),
            'works' => array_map(static fn(SprayWork $w): array => ['name' => $w->value, 'label' => $w->label()], SprayWork::cases()),
            'clears' => array_map(static fn(Clear $c): array => ['name' => $c->value, 'caution' => $c->hazard()->caution()], Clear::cases()),
            'pupils' => Eye::PUPILS,
            'eyes' => Eye::KINDS,
            'fresh' => FreshStep::all(),
            'bounds' => Steps::bounds() + Paint::fields()->bounds(),
        ]);
    }

    /** @return list<Technique> of the two ways to make a spot, the shop's own first */
    private static function techniques(): array
    {
        $all = Techniques::all();
        $at = array_flip(array_map(static fn(Technique $t): string => $t->name(), $all));
        [$first, $other] = array_map(static fn(string $name): int => $at[$name], Preference::habits()->spots());
        if ($other < $first) {
            [$all[$other], $all[$first]] = [$all[$first], $all[$other]];
        }

        return array_values($all);
    }
}
