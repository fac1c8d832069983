<?php

declare(strict_types=1);

namespace App\Stores\Rack;

use App\Present\CoreView;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Paint as CorePaint;
use Hawkbrush\Core\Colour\Difference;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Mix\MixSearch;
use Hawkbrush\Core\Mix\Offer;
use Hawkbrush\Core\Mix\Wanted;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** The best mixes of two or three paints of the rack for a wanted colour. */
final readonly class FindMixes
{
    private const MOST_PAINTS = 400;

    public function __construct(private ReadTarget $target) {}

    /**
     * {target, over, coats, weight, thinning_percent, in_stock: only bottles with something in them, without: paint ids}
     *
     * @return array<string, mixed>
     *
     * @throws Refused
     */
    public function search(Node $form): array
    {
        $form->only(['target', 'over', 'in_stock', 'without', ...SprayedFilm::FIELDS]);
        $film = SprayedFilm::read($form);
        $target = $this->target->colour($form->field('target'));
        $wanted = new Wanted(
            $target->lab,
            $this->target->ground($form->optional('over')),
            $film->coats * $film->coatUm(CorePaint::ORDINARY_SOLIDS),
            SurfaceFinish::Clear,
        );
        $without = array_map(static fn(Node $id): string => $id->text(40), $form->optional('without')?->items(0, 100) ?? []);
        $paints = self::rack($form->optional('in_stock')?->boolean() ?? true, $without);
        $offers = MixSearch::best($paints, $wanted);

        return [
            'target' => CoreView::colour($target),
            'dry_um' => round($wanted->dryUm, 2),
            'looked_at' => \count($paints),
            'whole' => MixSearch::wholly(\count($paints)),
            'offers' => array_map(static fn(Offer $offer): array => [
                'parts' => self::parts($offer->parts),
                'colour' => CoreView::colour($offer->colour),
                'near' => $offer->near(),
                'delta_e' => round($offer->deltaE, 3),
                'words' => (new Difference(
                    $target->lab,
                    $offer->colour->lab,
                ))->words(), 'warning' => (new Mixture($offer->parts))->warning(),
            ], $offers),
        ];
    }

    /**
     * @param list<string> $without
     *
     * @return list<CorePaint>
     *
     * @throws Refused when there are none, or more than can be searched
     */
    public static function rack(bool $inStock, array $without): array
    {
        $query = Paint::query()->whereNull('archived_at')->whereNotIn('id', $without)->orderBy('id');
        if ($inStock) {
            $query->where('left_ml', '>', 0);
        }
        $paints = $query->limit(self::MOST_PAINTS + 1)->get()->map(static fn(Paint $paint): CorePaint => $paint->core());
        if ($paints->isEmpty()) {
            throw Refused::because('There is no paint on the rack to mix from.');
        }
        if ($paints->count() > self::MOST_PAINTS) {
            throw Refused::because('The search goes over up to '.self::MOST_PAINTS.' paints; archive or leave out some.');
        }

        return array_values($paints->all());
    }

    /**
     * @param non-empty-list<array{CorePaint, int}> $parts
     *
     * @return list<array{paint: string, name: string, drops: int}>
     */
    public static function parts(array $parts): array
    {
        return array_map(static fn(array $part): array => ['paint' => $part[0]->id, 'name' => $part[0]->name, 'drops' => $part[1]], $parts);
    }
}
