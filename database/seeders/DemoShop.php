<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Shop\KeepRig;
use App\Models\Preference;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Shop\Habit;
use Hawkbrush\Core\Shop\Ways;

/** What the two of the invented shop spray and dry with, and where they differ. */
final class DemoShop
{
    private const RIG = [
        ['kind' => 'airbrush', 'name' => 'The everyday one', 'nozzle_mm' => 0.35, 'cup_ml' => 7, 'gauge' => true],
        ['kind' => 'airbrush', 'name' => 'The fine one', 'nozzle_mm' => 0.2, 'cup_ml' => 2, 'gauge' => true],
        ['kind' => 'airbrush', 'name' => 'The wide one, for bases', 'nozzle_mm' => 0.5, 'cup_ml' => 12],
        ['kind' => 'compressor', 'name' => 'Under the bench', 'most_psi' => 58, 'tank_l' => 3, 'moisture_trap' => true],
        ['kind' => 'dryer', 'name' => 'Hair dryer on its hook', 'dryer' => ['kind' => 'hair dryer', 'distance_mm' => 150]],
        ['kind' => 'dryer', 'name' => 'Heat gun', 'dryer' => ['kind' => 'heat gun', 'distance_mm' => 500]],
        ['kind' => 'dryer', 'name' => 'Window fan', 'dryer' => ['kind' => 'fan']],
    ];

    public static function put(KeepRig $rig): void
    {
        foreach (self::RIG as $one) {
            $rig->add(Node::root($one));
        }
        Preference::changeWays(static function (Ways $ways): Ways {
            $osk = $ways->paintedBy('Osk');
            $osk = $osk->with($osk->habits()
                ->with(Habit::Judge, 'spray-out')
                ->with(Habit::Thinner, 'reducer')
                ->with(Habit::Set, 'wet blends')
                ->with(Habit::Spot, 'freehand')
                ->with(Habit::EyeHeld, 'a dab of clear'));
            $marit = $osk->paintedBy('Marit');

            return $marit->with($ways->habits()->with(Habit::EyeHeld, 'gel superglue'));
        });
    }
}
