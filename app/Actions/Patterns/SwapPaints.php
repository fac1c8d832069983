<?php

declare(strict_types=1);

namespace App\Actions\Patterns;

use App\Actions\Pictures\DrawTexture;
use App\Models\Pattern;
use App\Models\Version;
use App\Present\BesideView;
use App\Stores\Rack\ReadMix;
use Hawkbrush\Core\Change\SwapPaints as Swaps;
use Hawkbrush\Core\Compare\Beside;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Step\Steps;
use Illuminate\Support\Facades\DB;

/** Paints of a pattern exchanged for others: looked at beside the old, or kept as a variant of it. */
final readonly class SwapPaints
{
    public function __construct(private ReadRecipe $read, private ReadMix $mix, private DrawTexture $draw) {}

    /**
     * @param Node $list a list of {paint, for: [{paint, drops}]}
     *
     * @throws Refused when the pattern does not use a paint
     */
    public function in(Version $version, Node $list): Recipe
    {
        return Swaps::of($list)->applyTo($this->read->fromVersion($version), new ShopOfVersion($version, $this->mix))->recipe;
    }

    /**
     * The changed bait, and each zone before and after.
     *
     * @return array<string, mixed>
     */
    public function preview(Version $version, Recipe $changed, SurfaceFinish $finish): array
    {
        return [
            'texture' => $this->draw->draw($changed, $finish, null),
            'zones' => BesideView::zones(Beside::between($this->read->fromVersion($version), $changed, $finish)),
        ];
    }

    /** A new pattern with the exchanged paints, which remembers the one it came from. */
    public function variant(Version $version, Recipe $changed, string $name): Pattern
    {
        return DB::transaction(function () use ($version, $changed, $name): Pattern {
            $from = $version->pattern;
            $steps = array_map(Steps::write(...), $changed->steps);
            $pattern = Pattern::query()->create([
                'name' => $name,
                'species' => $from->species,
                'water' => $from->water,
                'notes' => $from->notes,
                'parent_id' => $from->id,
            ]);
            $new = Version::query()->create([
                'pattern_id' => $pattern->id,
                'number' => 1,
                'body_id' => $version->body_id,
                'steps' => $steps,
                'note' => "variant of {$from->name}",
            ]);
            $new->paints()->sync($this->read->paintIds($steps));

            return $pattern->refresh();
        });
    }
}
