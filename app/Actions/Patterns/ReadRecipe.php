<?php

declare(strict_types=1);

namespace App\Actions\Patterns;

use App\Models\Pattern;
use App\Models\Version;
use App\Stores\Bodies\Body;
use App\Stores\Rack\Paint;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Step\PaintsNamed;
use Hawkbrush\Core\Step\Steps;

/** A recipe of the core from what stands in the database. */
final class ReadRecipe
{
    public function fromVersion(Version $version): Recipe
    {
        return $this->from($version->pattern, $version->body, $version->steps, $version->sealedOptics());
    }

    /**
     * @param list<array<string, mixed>> $steps
     * @param array<string, array<string, list<float>>> $optics by paint id, where they are not the rack's
     *
     * @throws Refused when a step cannot be worked with
     */
    public function from(Pattern $pattern, Body $body, array $steps, array $optics = []): Recipe
    {
        $paints = [];
        foreach (Paint::query()->findMany($this->paintIds($steps)) as $paint) {
            $paints[$paint->id] = $paint->core($optics[$paint->id] ?? null);
        }
        $read = [];
        $node = Node::kept(['steps' => $steps])->field('steps');
        foreach ($node->items() as $step) {
            $read[] = Steps::read($step, $paints);
        }

        return new Recipe($pattern->name, $pattern->species, $pattern->water, $pattern->notes, $body->core(), $read);
    }

    /**
     * @param list<array<string, mixed>> $steps
     *
     * @return list<string>
     */
    public function paintIds(array $steps): array
    {
        return array_values(array_unique(array_merge(...array_map(PaintsNamed::in(...), $steps))));
    }
}
