<?php

declare(strict_types=1);

namespace App\Actions\Runs;

use App\Models\Equipment;
use App\Models\Paint;
use App\Models\Remedy;
use App\Models\Run;
use App\Models\SprayedCoat;
use Hawkbrush\Core\Coat\Bounds;
use Hawkbrush\Core\Run\Record;
use Hawkbrush\Core\Run\Used;

/** What a finished run says of the air for its paints, and of what helps against faults. */
final class LearnAir
{
    public static function from(Run $run, Record $record): void
    {
        $shop = $run->shop();
        // One that has left the rig since is not known any more.
        $airbrush = Equipment::query()->find($run->airbrushId())?->id;
        foreach (Used::recipe($run->core(), $record)->coats() as $coat) {
            if (! $coat->byAir() || ! isset($record->done[$coat->id])) {
                continue;
            }
            $paint = $coat->mixture->most()->id;
            if (! Paint::query()->whereKey($paint)->exists()) {
                continue;
            }
            $kept = [
                'run_id' => $run->id, 'step_id' => $coat->id, 'paint_id' => $paint, 'equipment_id' => $airbrush,
                'spraying' => SprayedCoat::document($coat->spraying($shop->nozzle, $shop->habits->water())),
            ];
            foreach ($record->faults as $fault) {
                if ($fault['step'] === $coat->id) {
                    $psi = Bounds::within('psi', $fault['psi'] ?? $coat->psi);
                    SprayedCoat::query()->create($kept + ['psi' => $psi, 'fault' => $fault['fault']]);
                }
            }
            SprayedCoat::query()->create($kept + ['psi' => $coat->psi]);
        }
        foreach ($record->faults as $fault) {
            foreach ($fault['tried'] as $tried) {
                Remedy::query()->create(['run_id' => $run->id, 'fault' => $fault['fault']] + $tried);
            }
        }
    }
}
