<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Preference;
use App\Stores\Clears\KeepClears;
use App\Stores\Eyes\KeepEyes;
use App\Stores\Rig\KeepRig;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Shop\Habit;
use Hawkbrush\Core\Shop\ShopHabits;

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

    private const CLEARS = [
        [
            'kind' => 'two-part epoxy', 'name' => 'Half-hour epoxy', 'label_min' => 30, 'bottle_ml' => 240, 'left_ml' => 168,
            'price' => 18.5, 'opened_on' => '2026-08-11', 'keeps_months' => 12, 'expires_on' => '2027-08-01',
        ],
        [
            'kind' => 'slow casting resin', 'name' => 'Slow resin', 'label_min' => 120, 'parts_a' => 100, 'parts_b' => 45,
            'by' => 'weight', 'density_a' => 1.12, 'density_b' => 0.97, 'bottle_ml' => 400, 'left_ml' => 395, 'price' => 24.0,
            'yellow_percent' => 15, 'opened_on' => '2026-10-20',
        ],
        [
            'kind' => 'UV resin', 'name' => 'Lamp resin', 'dose_j_cm2' => 8, 'lamp_mw_cm2' => 6, 'bottle_ml' => 100,
            'left_ml' => 36, 'price' => 14.9, 'opened_on' => '2026-06-02', 'keeps_months' => 9,
        ],
        [
            'kind' => 'acrylic spray', 'name' => 'Acrylic can', 'bottle_ml' => 400, 'left_ml' => 220, 'price' => 8.4,
            'opened_on' => '2026-09-05',
        ],
    ];

    private const EYES = [
        ['name' => 'Amber domes', 'kind' => 'domed', 'diameter_mm' => 5.5, 'iris' => '#d0842a', 'left' => 34, 'price' => 0.12],
        ['name' => 'Silver flats', 'kind' => 'flat', 'diameter_mm' => 5, 'iris' => '#c8ccd0', 'left' => 50, 'price' => 0.08],
        ['name' => 'Yellow 3D', 'kind' => '3D', 'diameter_mm' => 6, 'iris' => '#d8b83a', 'left' => 12, 'price' => 0.2],
        [
            'name' => 'Glass, green', 'kind' => 'glass', 'diameter_mm' => 5, 'iris' => '#8a9a4a', 'pupil' => 'slit upright', 'left' => 6,
            'price' => 1.1,
        ],
        ['name' => 'Night glow', 'kind' => 'glow', 'diameter_mm' => 10, 'iris' => '#d8e8b8', 'left' => 10, 'price' => 0.3],
        ['name' => 'Small yellow 3D', 'kind' => '3D', 'diameter_mm' => 4, 'iris' => '#d8b83a', 'left' => 24, 'price' => 0.16],
    ];

    public static function put(KeepRig $rig, KeepClears $clears, KeepEyes $eyes): void
    {
        foreach (self::EYES as $one) {
            $eyes->add(Node::root($one));
        }
        foreach (self::CLEARS as $one) {
            $clears->add(Node::root($one));
        }
        foreach (self::RIG as $one) {
            $rig->add(Node::root($one));
        }
        Preference::changeWays(static function (ShopHabits $ways): ShopHabits {
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
