<?php

declare(strict_types=1);

namespace App\Models;

use Hawkbrush\Core\Air\Experience;
use Hawkbrush\Core\Air\Fault;
use Hawkbrush\Core\Air\Nozzle;
use Hawkbrush\Core\Air\Sprayed;
use Hawkbrush\Core\Air\Spraying;
use Hawkbrush\Core\Air\SprayWork;
use Hawkbrush\Core\Air\Sweep;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Node;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/**
 * One coat that was sprayed with a paint and an airbrush: how, at what air, and what went wrong, if anything.
 *
 * @property int $id
 * @property string $run_id
 * @property string $step_id
 * @property string $paint_id
 * @property string|null $equipment_id the airbrush
 * @property array<string, mixed> $spraying
 * @property float $psi
 * @property string|null $fault
 */
final class SprayedCoat extends Model
{
    protected $table = 'sprayed';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['spraying' => 'array', 'psi' => 'float'];
    }

    /** @return array<string, mixed> as it is kept */
    public static function document(Spraying $way): array
    {
        return [
            'work' => $way->work->value, 'kind' => $way->kind->value, 'thinning' => $way->thinning, 'nozzle_mm' => $way->nozzle->mm,
            'craft' => $way->craft, 'water' => $way->water,
            'sweep' => $way->sweep === null ? null : ['wet_um' => $way->sweep->wetUm, 'width_mm' => $way->sweep->widthMm],
        ];
    }

    /**
     * What counts for paints in an airbrush, by paint id: null where something was sprayed and does not count, nothing where
     * nothing was sprayed.
     *
     * @param list<string> $paintIds
     *
     * @return array<string, Experience|null>
     */
    public static function experiences(array $paintIds, ?string $airbrushId): array
    {
        if ($airbrushId === null) {
            return [];
        }
        $after = DB::table('experience_marks')->where('equipment_id', $airbrushId)
            ->whereIn('paint_id', $paintIds)->pluck('after', 'paint_id');
        $all = [];
        foreach ($paintIds as $paint) {
            // The latest of each by its index: of a window over all of them every row would be read.
            $sprayed = self::query()->where('paint_id', $paint)->where('equipment_id', $airbrushId)->orderByDesc('id')
                ->limit(Experience::LATEST)->get();
            $mark = $after[$paint] ?? 0;
            $counted = $sprayed->where('id', '>', is_numeric($mark) ? (int) $mark : 0)->map(static fn(self $row): Sprayed => $row->core());
            if ($sprayed->isNotEmpty()) {
                $all[$paint] = $counted->isEmpty() ? null : new Experience(array_values($counted->all()));
            }
        }

        return $all;
    }

    /** From now on what was sprayed until now counts no more, or all of it counts again. */
    public static function count(string $paintId, string $airbrushId, bool $counts): void
    {
        $of = ['paint_id' => $paintId, 'equipment_id' => $airbrushId];
        if ($counts) {
            DB::table('experience_marks')->where($of)->delete();
        } else {
            DB::table('experience_marks')->updateOrInsert($of, ['after' => self::query()->where($of)->max('id') ?? 0]);
        }
    }

    public function core(): Sprayed
    {
        $of = Node::kept($this->spraying);
        // Kept before the width of a sweep counted: by its work alone.
        $sweep = $of->optional('sweep');

        return new Sprayed(
            new Spraying(
                SprayWork::from($of->field('work')->text()),
                Kind::from($of->field('kind')->text()),
                $of->field('thinning')->number(),
                new Nozzle($of->field('nozzle_mm')->number()),
                $of->field('craft')->boolean(),
                $of->field('water')->boolean(),
                $sweep === null ? null : new Sweep($sweep->field('wet_um')->number(), $sweep->field('width_mm')->number()),
            ),
            $this->psi,
            Fault::tryFrom($this->fault ?? ''),
        );
    }
}
