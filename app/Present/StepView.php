<?php

declare(strict_types=1);

namespace App\Present;

use App\Keeping\Shared;
use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Hazard;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Deposition;
use Hawkbrush\Core\Render\Redrawing;
use Hawkbrush\Core\Run\Cautions;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Step\Step;
use Hawkbrush\Core\Step\Steps;
use Hawkbrush\Core\Technique\Anchor;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\Indexed;

/** A step as a rung of the Ladder: what stands in the document, and what is computed from it. */
final class StepView
{
    /** @return list<array<string, mixed>> */
    public static function all(Recipe $recipe, ?Habits $habits = null): array
    {
        $surface = (new Redrawing(new Shared()))->surface($recipe->body, CoverView::COLUMNS, CoverView::ROWS * 2);

        $before = null;
        $all = [];
        foreach ($recipe->steps as $i => $step) {
            $coat = $step->on ? $step->coat() : null;
            $all[] = [
                'document' => Steps::write($step),
                'shown' => self::shown($step, $i + 1, $recipe, $surface, $coat?->keepsMaskOf($before) ?? false, $habits),
                'outside' => self::outside($step),
            ];
            $before = $coat ?? $before;
        }

        return $all;
    }

    /** @return array<string, mixed>|null one of them by its id; null where there is none */
    public static function one(Recipe $recipe, string $id, ?Habits $habits = null): ?array
    {
        $at = $recipe->number($id);
        $step = $recipe->step($id);
        if ($step === null) {
            return null;
        }
        $below = $recipe->with(\array_slice($recipe->steps, 0, $at - 1))->coats();
        $coat = $step->on ? $step->coat() : null;
        $keepsMask = $coat?->keepsMaskOf($below[\count($below) - 1] ?? null) ?? false;
        $surface = (new Redrawing(new Shared()))->surface($recipe->body, CoverView::COLUMNS, CoverView::ROWS * 2);

        return [
            'document' => Steps::write($step),
            'shown' => self::shown($step, $at, $recipe, $surface, $keepsMask, $habits),
            'outside' => self::outside($step),
        ];
    }

    /** @return list<array{field: string, says: string}> what of it was kept and lies outside today's bounds */
    private static function outside(Step $step): array
    {
        $outside = $step->head->outside?->all() ?? [];

        return array_map(
            static fn(string $field, string $says): array => ['field' => $field, 'says' => $says],
            array_keys($outside),
            array_values($outside),
        );
    }

    /** @return array<string, mixed> */
    private static function shown(Step $step, int $number, Recipe $recipe, Surface $surface, bool $maskIsOn, ?Habits $habits): array
    {
        $coat = $step->coat();
        $eye = $step->eye();

        return [
            'number' => $number, 'name' => $step->label(), 'how' => $step->how($maskIsOn, $habits),
            'for_all' => $step->forAll(), 'sides' => $step->sides(),
            'figures' => $step->figures(), 'tries' => $recipe->coatTriedBy($step)?->id, 'cautions' => Cautions::ofStep($step, $recipe),
            'hazards' => array_map(static fn(Hazard $hazard): string => $hazard->value, Cautions::hazards($step, $recipe)),
        ] + ($eye === null ? [] : ['eye' => EyeOnBait::of($recipe, $step->id, $eye)]) + ($coat === null ? self::overIt($step, $surface) : ['mask_is_on' => $maskIsOn] + self::coat($coat, $surface));
    }

    /** @return array<string, mixed> */
    private static function coat(Coat $coat, Surface $surface): array
    {
        return (new Shared())->remember(
            Redrawing::key('rung', [$coat, $surface->body]),
            static fn(): array => self::landed($coat, $surface),
        );
    }

    /** @return array<string, mixed> */
    private static function landed(Coat $coat, Surface $surface): array
    {
        $coverage = Coverage::land($coat, $surface);

        return [
            'colour' => $coat->mixture->name(),
            'technique' => $coat->technique->label(),
            'index' => self::index($coat, $surface->body),
            'cut' => $coat->technique instanceof Cut,
            'clamped' => $coat->technique->press()->presses(),
            'sprayed' => $coat->byAir(),
            'where' => $coat->place->label(),
            'dry_um' => round($coat->dryUm(), 2),
            'chip' => Chip::of($coat->optics(), $coat->dryUm()),
            'cover' => CoverView::of($coat->place->isRight() ? $coverage->right : $coverage->left),
            'lands' => round(Deposition::share($coat, $surface, $coverage), 2),
        ];
    }

    /** @return array<string, mixed> the chip and the cover of a clear that colours */
    private static function overIt(Step $step, Surface $surface): array
    {
        $films = $step->films();
        $over = $step->overAll();
        if ($films === []) {
            return $over === null ? [] : ['chip' => Chip::of(...$over)];
        }
        $cover = [];
        foreach ($films as $film) {
            foreach (Coverage::land($film, $surface)->left as $cell => $share) {
                $cover[$cell] = max($share, $cover[$cell] ?? 0.0);
            }
        }

        return ['chip' => Chip::of($films[0]->optics(), $films[0]->dryUm()), 'cover' => CoverView::of($cover)];
    }

    /** @return list<string> where its marks are placed from, the same on both sides */
    private static function index(Coat $coat, Body $body): array
    {
        return $coat->technique instanceof Indexed ? array_map(
            static fn(Anchor $a): string => $a->say($body),
            $coat->technique->anchors($body, $coat->choices),
        ) : [];
    }
}
