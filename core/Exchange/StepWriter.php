<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Pattern\BenchStep;
use Hawkbrush\Core\Pattern\ClearStep;
use Hawkbrush\Core\Pattern\EyeStep;
use Hawkbrush\Core\Pattern\PaintStep;
use Hawkbrush\Core\Pattern\Place;
use Hawkbrush\Core\Pattern\Step;

/** Writes a step as it stands in a recipe document, with every field spelled out. */
final class StepWriter
{
    /** @return array<string, mixed> */
    public static function write(Step $step): array
    {
        $common = ['id' => $step->id, 'type' => $step->type(), 'title' => $step->title, 'on' => $step->on, 'check' => $step->check];

        return $common + match (true) {
            $step instanceof PaintStep => self::paint($step),
            $step instanceof EyeStep => ['diameter_mm' => $step->diameterMm, 'iris' => $step->irisHex, 'pupil' => $step->pupil, 'set_with' => $step->setWith],
            $step instanceof ClearStep => ['clear' => $step->clear->value, 'coats' => $step->coats],
            $step instanceof BenchStep => ['task' => $step->task, 'minutes' => $step->minutes],
            default => [],
        };
    }

    /** @return array<string, mixed> */
    private static function paint(PaintStep $step): array
    {
        return [
            'mix' => array_map(static fn(array $part): array => ['paint' => $part[0]->id, 'drops' => $part[1]], $step->mix),
            'technique' => ['name' => $step->technique->name(), ...$step->choices->all()],
            'where' => self::place($step->place),
            'aim_deg' => $step->aimDeg,
            'width_mm' => $step->widthMm,
            'coats' => $step->coats,
            'weight' => $step->weight->value,
            'psi' => $step->psi,
            'thinning_percent' => round($step->thinning * 100, 4),
            'strokes' => $step->strokes,
            'set' => ['by' => $step->setting->by->value, 'minutes' => $step->setting->minutes],
            'seed' => $step->seed,
        ];
    }

    /** @return array<string, mixed> */
    private static function place(Place $place): array
    {
        return ($place->zone !== null
            ? ['zone' => $place->zone->value]
            : ['from_u' => $place->fromU, 'to_u' => $place->toU, 'from_deg' => $place->fromDeg, 'to_deg' => $place->toDeg, 'soft' => $place->soft])
            + ($place->side === null ? [] : ['side' => $place->side]);
    }
}
