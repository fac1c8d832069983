<?php

declare(strict_types=1);

namespace App\Stores\Clears;

use App\Models\Preference;
use App\Present\Chip;
use Hawkbrush\Core\Clear\Batch;
use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Clear\Cure;
use Hawkbrush\Core\Clear\PotLife;
use Hawkbrush\Core\Clear\Product;
use Hawkbrush\Core\Clear\Turning;
use Hawkbrush\Core\Clear\Yellowing;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Film\Optics;

/** Clears of the shop, and what one comes to in a run. */
final class ClearView
{
    /** Less is seen by nobody. */
    private const SEEN = 1.0;

    /** @return array<string, mixed> */
    public static function all(): array
    {
        return [
            'clears' => array_values(
                ClearBottle::query()->orderBy('kind')->orderBy('name')->orderBy('id')->get()->map(self::of(...))->all(),
            ),
            'kinds' => array_map(static fn(Clear $clear): array => Product::usual($clear)->document(), Clear::cases()),
            'bounds' => ClearBottle::fields()->bounds() + Product::fields()->bounds(),
        ];
    }

    /** @return array<string, mixed> */
    public static function of(ClearBottle $one): array
    {
        $product = $one->product();

        return [
            'id' => $one->id,
            'name' => $one->name,
            ...$product->document(),
            'bottle_ml' => round($one->bottle_ml, 2),
            'left_ml' => round($one->left_ml, 2),
            'price' => $one->price,
            'opened_on' => $one->opened_on?->toDateString(),
            'keeps_months' => $one->keeps_months,
            'expires_on' => $one->expires_on?->toDateString(),
            'good_until' => $one->goodUntil()?->toDateString(),
            'expired' => $one->goodUntil()?->isBefore(now()->startOfDay()) ?? false,
            'in_use' => $one->in_use,
            'archived' => $one->archived_at !== null,
            'revision' => $one->revision,
            'chip' => self::chip($product),
            'here' => self::here($product),
            'caution' => $product->clear->hazard()->caution(),
        ];
    }

    /** @return array{black: string, white: string} one coat of it over black and white: water-clear changes neither */
    private static function chip(Product $product): array
    {
        return Chip::of(Yellowing::optics($product->yellow), $product->clear->thicknessUm());
    }

    /**
     * How a step's clear is mixed, laid and left for all baits.
     *
     * @param array{Optics, float}|null $planned its film, where the recipe plans one that has yellowed
     *
     * @return array<string, mixed>
     */
    public static function batch(Batch $batch, Climate $climate, ?array $planned): array
    {
        $runs = Turning::runsForMin($batch->product, $climate->airC);
        $mm = Turning::shownMm($batch->product->clear, $runs);

        return [
            'coats' => $batch->coats,
            'takes_ml' => round($batch->takesMl, 1),
            'holds' => $batch->mixes->holds(),
            'mixes' => array_map(static fn(array $mix): array => [
                'baits' => $mix['baits'],
                ...array_map(static fn(float $figure): float => round($figure, 1), $batch->product->parts($mix['ml'])),
                'start_min' => round($mix['start_min'], 1),
                'usable_min' => round($mix['usable_min'], 1),
            ], $batch->mixes->mixes),
            'turn' => Turning::wanted($batch->product->clear, $runs),
            'may_stand' => Turning::mayStand($batch->product->clear, $batch->bodyMm2),
            'runs_mm' => $mm === null ? null : round($mm),
            ...self::cure($batch->cure),
            'says' => array_values(array_filter([
                self::yellowed($batch, $planned),
                match ($batch->product->clear) {
                    Clear::Uv => \sprintf(
                        '%s J/cm² at the %s mW/cm² of this lamp are %.0f min; none of it passes an opaque film.',
                        $batch->product->doseJCm2,
                        $batch->product->lampMwCm2,
                        ceil($batch->product->lampMin()),
                    ),
                    Clear::Urethane => \sprintf('It hardens with water from the air: %.1f g/m³ here.', $climate->waterGM3()),
                    default => null,
                },
            ])),
        ];
    }

    /** @param array{Optics, float}|null $planned */
    private static function yellowed(Batch $batch, ?array $planned): ?string
    {
        $um = $batch->coats * $batch->product->clear->thicknessUm();
        $white = static fn(?Optics $optics): Colour => Colour::fromHex(Chip::of($optics, $um)['white']);
        $shift = DeltaE2000::between($white($planned[0] ?? null)->lab, $white(Yellowing::optics($batch->product->yellow))->lab);

        return $shift < self::SEEN ? null : \sprintf(
            'The bottle in use has yellowed by %.0f %%, which the recipe does not plan for: white comes out %.0f DeltaE00 off.',
            100 * $batch->product->yellow,
            $shift,
        );
    }

    /** @return array{working_min: float|null, hard_min: float, recoat_min: array{float, float}, sand_min: float, fish_min: float} in the room of now */
    private static function here(Product $product): array
    {
        $room = Preference::room();

        return [
            'working_min' => $product->clear->isMixed() ? round(PotLife::minutes($product, $room->airC, PotLife::SMALL_ML), 1) : null,
            ...self::cure(Cure::of($product, $room)),
        ];
    }

    /** @return array{hard_min: float, recoat_min: array{float, float}, sand_min: float, fish_min: float} */
    private static function cure(Cure $cure): array
    {
        return [
            'hard_min' => round($cure->hardMin),
            'recoat_min' => [round($cure->recoatFromMin), round($cure->recoatUntilMin)],
            'sand_min' => round($cure->sandMin),
            'fish_min' => round($cure->fishMin),
        ];
    }
}
