<?php

declare(strict_types=1);

namespace App\Actions\Runs;

use App\Models\Run;
use App\Models\SprayedCoat;
use App\Stores\Rack\Paint;
use App\Stores\Rig\Equipment;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\CoatDocument;
use Hawkbrush\Core\Run\Record;
use Hawkbrush\Core\Run\Used;

/** What a run says of the air for its paints, and of what helps against faults, as rows to be kept. */
final class LearnAir
{
    /** @return list<array<string, mixed>> rows of {@see SprayedCoat}: each fault at its air, then the coat as it was finished */
    public static function sprayed(Run $run, Record $record): array
    {
        $shop = $run->shop();
        // What has left the rig or the rack since is not known any more.
        $airbrush = Equipment::query()->find($run->airbrushId())?->id;
        $coats = array_filter(
            Used::recipe($run->core(), $record)->coats(),
            static fn(Coat $coat): bool => $coat->byAir() && isset($record->done[$coat->id]),
        );
        $paints = array_map(static fn(Coat $coat): string => $coat->mixture->most()->id, $coats);
        $known = Paint::query()->whereKey($paints)->pluck('id')->all();
        $rows = [];
        foreach ($coats as $i => $coat) {
            if (! \in_array($paints[$i], $known, true)) {
                continue;
            }
            $spraying = SprayedCoat::document($coat->spraying($shop->nozzle, $shop->habits->water()));
            $row = [
                'run_id' => $run->id, 'step_id' => $coat->id, 'paint_id' => $paints[$i], 'equipment_id' => $airbrush,
                'spraying' => json_encode($spraying, JSON_THROW_ON_ERROR),
                'created_at' => now(), 'updated_at' => now(),
            ];
            foreach ($record->faults as $fault) {
                if ($fault['step'] === $coat->id) {
                    $psi = CoatDocument::fields()->of('psi')->within($fault['psi'] ?? $coat->psi);
                    $rows[] = $row + ['psi' => $psi, 'fault' => $fault['fault']];
                }
            }
            $rows[] = $row + ['psi' => $coat->psi, 'fault' => null];
        }

        return $rows;
    }

    /** @return list<array<string, mixed>> rows of {@see \App\Models\Remedy} */
    public static function remedies(Run $run, Record $record): array
    {
        $rows = [];
        foreach ($record->faults as $fault) {
            foreach ($fault['tried'] as $tried) {
                $rows[] = ['run_id' => $run->id, 'fault' => $fault['fault'], 'created_at' => now(), 'updated_at' => now()] + $tried;
            }
        }

        return $rows;
    }
}
