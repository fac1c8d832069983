<?php

declare(strict_types=1);

namespace App\Stores\Eyes;

use App\Stores\Rack\Paint;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Paint as CorePaint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\EyeWriter;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Eye\Fit;
use Hawkbrush\Core\Eye\Look;
use Hawkbrush\Core\Eye\Ring;
use Hawkbrush\Core\Eye\UsualRings;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Render\CoreSample;
use Hawkbrush\Core\Render\EyeInPlace;

/** Eyes of the store, and how the eye of a step sits on its bait. */
final class EyeView
{
    /** @return list<array<string, mixed>> */
    public static function all(): array
    {
        $used = EyesUsed::byMake();

        return array_values(EyeCard::query()->orderBy('diameter_mm')->orderBy('name')->orderBy('id')->get()
            ->map(static fn(EyeCard $card): array => self::one($card, $used))->all());
    }

    /** @return array<string, mixed> */
    public static function of(EyeCard $card): array
    {
        return self::one($card, EyesUsed::byMake());
    }

    /**
     * @param array<string, list<array{id: string, name: string}>> $used
     *
     * @return array<string, mixed>
     */
    private static function one(EyeCard $card, array $used): array
    {
        return [
            'id' => $card->id, 'name' => $card->name, 'kind' => $card->kind, 'diameter_mm' => $card->diameter_mm, 'iris' => $card->iris,
            'pupil' => $card->pupil, 'left' => $card->left, 'price' => $card->price, 'archived' => $card->archived_at !== null,
            'revision' => $card->revision,
            'used_in' => $used[EyesUsed::make($card->kind, $card->pupil, $card->diameter_mm)] ?? [],
            'look' => EyeWriter::write(Look::of($card->core(), FilmState::ground([])), null),
        ];
    }

    /** @return array<string, mixed> */
    public static function fit(Recipe $recipe, string $stepId, Eye $eye): array
    {
        $body = $recipe->body;
        $core = CoreSample::at(
            $recipe,
            Surface::of($body, 128, 64),
            Climate::ordinary(),
            SurfaceFinish::Clear,
            Fit::besideU($body, $eye),
            $body->marks->eyeDeg,
            $stepId,
        );
        $surround = ($core->coats[\count($core->coats) - 1] ?? null)->after ?? $core->ground;
        $seen = array_map(
            static fn(string $hex): array => Fit::contrast(Colour::fromHex($hex), $surround),
            EyeInPlace::of($recipe, $stepId, $eye)->shows(),
        );
        usort($seen, static fn(array $a, array $b): int => $b['delta_e'] <=> $a['delta_e']);
        $proud = Fit::proudMm($body, $eye->diameterMm, $eye->kind);
        $sunk = Fit::sunkMm($body, $eye->diameterMm, $eye->kind);
        $contrast = $seen[0];

        return [
            'fits' => Fit::sizes($body),
            'says' => array_values(array_filter([
                Fit::sizeWords($body, $eye->diameterMm),
                Fit::proudWords($body, $proud, $eye->kind),
                Fit::sunkWords($sunk),
                $contrast['seen'] ? '' : 'It hardly shows against its surround: a pale eye needs a dark surround, a dark eye a pale one.',
            ])),
            'proud_mm' => round($proud, 1),
            'sunk_mm' => round($sunk, 1),
            'surround' => $surround->hex(),
            'contrast' => [
                'delta_e' => round($contrast['delta_e'], 1), 'lightness' => round($contrast['lightness'], 1), 'seen' => $contrast['seen'],
            ],
            'left' => EyeCard::for($eye)?->left,
            'begin' => array_map(static fn(Ring $ring): array => $ring->document(), UsualRings::of($body, $eye, self::rack())),
        ];
    }

    /** @return list<CorePaint> of which something is left */
    private static function rack(): array
    {
        return array_values(Paint::query()->whereNull('archived_at')->where('left_ml', '>', 0)->orderBy('name')->get()
            ->map(static fn(Paint $paint): CorePaint => $paint->core())->all());
    }
}
