<?php

declare(strict_types=1);

namespace App\Actions\Shop;

use App\Actions\Patterns\SavePattern;
use App\Models\Edit;
use App\Models\Pattern;
use App\Models\Preference;
use App\Models\Run;
use App\Models\Version;
use App\Stores\Bodies\Body;
use App\Stores\Bodies\Lot;
use App\Stores\Masks\Mask;
use App\Stores\Rack\Paint;
use Database\Seeders\SampleRecipes;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** Sample patterns with their paints and bodies: put in to look at, then kept or thrown away. */
final readonly class SamplePatterns
{
    public function __construct(private SavePattern $save) {}

    /**
     * All of them or none.
     *
     * @throws Refused while there are samples
     */
    public function put(): void
    {
        DB::transaction(function (): void {
            if (Preference::samples() !== []) {
                throw Refused::because('The samples are here already.');
            }
            // What was there before is never thrown away with them.
            $before = [Paint::query()->pluck('id')->all(), Body::query()->pluck('id')->all()];
            $patterns = [];
            foreach (SampleRecipes::all() as $document) {
                $patterns[] = $this->save->fromDocument(Node::root($document))->pattern->id;
            }
            Preference::keepSamples([
                'patterns' => $patterns,
                'paints' => self::ids(Paint::query()->whereKeyNot($before[0])),
                'bodies' => self::ids(Body::query()->whereKeyNot($before[1])),
            ]);
        });
    }

    /** From now on they are patterns like any other. */
    public function keep(): void
    {
        Preference::keepSamples([]);
    }

    /**
     * Throws away what nothing was made of: a pattern that has a run stays, and so does every paint and body that something
     * uses.
     */
    public function throwAway(): void
    {
        DB::transaction(static function (): void {
            $samples = Preference::samples();
            Preference::keepSamples([]);
            $unpainted = Pattern::query()->whereKey($samples['patterns'] ?? [])
                ->whereDoesntHave('versions', static fn(Builder $version): Builder => $version->whereIn('id', Run::query()->select('version_id')))
                ->pluck('id')->all();
            Pattern::query()->whereKey($unpainted)->update(['current_id' => null]);
            Version::query()->whereIn('pattern_id', $unpainted)->delete();
            Pattern::query()->whereKey($unpainted)->delete();
            // What an edit could be taken back to counts as used.
            Paint::query()->whereKey($samples['paints'] ?? [])
                ->whereNotIn('id', DB::table('paint_version')->select('paint_id'))
                ->whereNotExists(DB::table('edits')->whereRaw('instr(edits.forth || edits.back, paints.id) > 0'))->delete();
            $bodies = Body::query()->whereKey($samples['bodies'] ?? []);
            foreach ([Version::query(), Mask::query(), Lot::query(), Edit::query()] as $of) {
                $bodies->whereNotIn('id', $of->select('body_id'));
            }
            $bodies->delete();
        });
    }

    /**
     * @param Builder<Paint>|Builder<Body> $of
     *
     * @return list<string>
     */
    private static function ids(Builder $of): array
    {
        return array_values(array_map(static fn(Paint|Body $one): string => $one->id, $of->get(['id'])->all()));
    }
}
