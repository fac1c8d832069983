<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Patterns\EditVersion;
use App\Actions\Patterns\ReadRecipe;
use App\Actions\Patterns\ShopOfVersion;
use App\Http\Input;
use App\Models\Version;
use App\Present\StepView;
use App\Stores\Rack\ReadMix;
use Hawkbrush\Core\Change\Ladder;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Typed\Line;
use Hawkbrush\Core\Typed\TypedStep;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A line of words as the step that it means, before it is added. */
final readonly class TypedController
{
    /** ?line=&after=: nothing is kept. */
    public function __invoke(Request $request, string $id, ReadRecipe $read, EditVersion $edit, ReadMix $mix): JsonResponse
    {
        $query = Input::query($request)->only(['line', 'after']);
        $version = Version::query()->with(['pattern', 'body'])->findOrFail($id);
        $recipe = $read->fromVersion($version);
        $after = $query->optional('after')?->text(40);
        $position = Ladder::place($recipe, $query);
        $rack = (new ShopOfVersion($version, $mix))->rack();
        $typed = TypedStep::read($query->field('line')->text(Line::LONGEST), $recipe, $position, $rack);
        $as = null;
        if ($typed->step !== null) {
            $change = ['op' => 'add', 'step' => $typed->step] + ($after === null ? [] : ['after' => $after]);
            $tried = $edit->tried($version, Node::root($change));
            $as = StepView::one($tried, $tried->steps[$position]->id);
        }

        return new JsonResponse([
            'step' => $typed->step,
            'as' => $as,
            'understood' => $typed->understood,
            'unknown' => $typed->unknown,
        ]);
    }
}
