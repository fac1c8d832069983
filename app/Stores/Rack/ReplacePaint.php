<?php

declare(strict_types=1);

namespace App\Stores\Rack;

use App\Actions\Patterns\ReadRecipe;
use App\Models\Version;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Paint as CorePaint;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Mix\MixSearch;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Replace\Replacement;
use Hawkbrush\Core\Replace\Replacing;

/** What could stand in for a paint, ranked by what becomes of the finished baits of the patterns that use it. */
final readonly class ReplacePaint
{
    private const MOST_OFFERS = 8;

    private const MOST_PATTERNS = 12;

    private const MIXES = 6;

    public function __construct(private ReadRecipe $read) {}

    /**
     * {mixed: whether mixes are tried too, in_stock, version: only in this one}
     *
     * @return array<string, mixed>
     *
     * @throws Refused when no pattern uses it
     */
    public function search(Paint $paint, Node $form): array
    {
        $form->only(['mixed', 'in_stock', 'version']);
        $versions = $this->versions($paint, $form->optional('version')?->text(40));
        $recipes = array_map(fn(Version $version): Recipe => $this->read->fromVersion($version), $versions);
        $replacing = new Replacing($recipes, $paint->id, Climate::ordinary());
        $rack = FindMixes::rack($form->optional('in_stock')?->boolean() ?? true, [$paint->id]);
        // An effect stands in for its own kind only, and a tape for no paint.
        $alike = array_filter($rack, static fn(CorePaint $one): bool => $one->kind->mixes() || $one->kind->value === $paint->kind);
        $candidates = array_map(static fn(CorePaint $one): array => [[$one, 1]], array_values($alike));
        $wanted = $replacing->wanted();
        if (($form->optional('mixed')?->boolean() ?? false) && $wanted !== null) {
            foreach (MixSearch::best($rack, $wanted, self::MIXES) as $offer) {
                if (\count($offer->parts) > 1) {
                    $candidates[] = $offer->parts;
                }
            }
        }

        return [
            'uses' => array_map(
                static fn(Version $v, int $number): array => [
                    'version' => $v->id, 'pattern' => $v->pattern_id, 'name' => $v->pattern->name,
                    'alone' => $replacing->takesAlone($number),
                ],
                $versions,
                array_keys($versions),
            ),
            'offers' => array_map(static fn(Replacement $one): array => [
                'parts' => FindMixes::parts($one->for),
                'most' => (new Mixture($one->for))->most()->name,
                'delta_e' => round($one->deltaE(), 3),
                'zones' => array_map(
                    static fn(array $zone): array => [
                        'version' => $versions[$zone[0]]->id,
                        'zone' => $zone[1],
                        'delta_e' => round($zone[2], 3),
                    ],
                    $one->zones,
                ),
            ], $replacing->nearest($candidates, self::MOST_OFFERS)),
        ];
    }

    /** @return list<Version> versions worked on that use the paint */
    private function versions(Paint $paint, ?string $only): array
    {
        $versions = $paint->versions()->with(['pattern', 'body'])
            ->whereHas('pattern', static fn($q) => $q->whereNull('retired_at')->whereColumn('patterns.current_id', 'versions.id'))
            ->when($only !== null, static fn($q) => $q->where('versions.id', $only))
            ->orderBy('versions.id')->limit(self::MOST_PATTERNS)->get();
        if ($versions->isEmpty()) {
            throw Refused::because("No pattern uses {$paint->name}, so there is no finished bait to hold a replacement against.");
        }

        return array_values($versions->all());
    }
}
