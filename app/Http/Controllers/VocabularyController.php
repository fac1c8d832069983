<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Coat\Bounds;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Coat\SetBy;
use Hawkbrush\Core\Coat\Weight;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Step\Prepare\Condition;
use Hawkbrush\Core\Step\Prepare\Fitting;
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
            ], Techniques::all()),
            'zones' => Zone::names(),
            'conditions' => Condition::names(),
            'fittings' => Fitting::names(),
            'kinds' => Kind::names(),
            'families' => Paint::FAMILIES,
            'finishes' => Paint::FINISHES,
            'weights' => array_map(static fn(Weight $w): array => ['name' => $w->value, 'wet_um' => $w->wetUm()], Weight::cases()),
            'sets' => SetBy::names(),
            'clears' => array_map(static fn(Clear $c): array => ['name' => $c->value, 'caution' => $c->caution()], Clear::cases()),
            'pupils' => Eye::PUPILS,
            'bounds' => Bounds::OF,
        ]);
    }
}
