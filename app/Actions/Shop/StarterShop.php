<?php

declare(strict_types=1);

namespace App\Actions\Shop;

/** What a starter shop holds: generic things, to be replaced by the painter's own one by one. Figures and prices of our own. */
final class StarterShop
{
    public const PAINTS = [
        ['name' => 'White', 'kind' => 'opaque', 'hex' => '#f2f2ee', 'solids' => 0.42, 'bottle_ml' => 60, 'finish' => 'matte'],
        ['name' => 'Black', 'kind' => 'opaque', 'hex' => '#18191a', 'solids' => 0.38, 'bottle_ml' => 60, 'finish' => 'matte'],
        ['name' => 'Bone', 'kind' => 'opaque', 'hex' => '#dfd4b6', 'solids' => 0.4, 'finish' => 'satin'],
        ['name' => 'White pearl', 'kind' => 'pearl', 'hex' => '#e9ecee', 'solids' => 0.3, 'finish' => 'shimmer'],
        ['name' => 'Smoke', 'kind' => 'transparent', 'hex' => '#3c4044', 'solids' => 0.3, 'finish' => 'gloss'],
        ['name' => 'Transparent yellow', 'kind' => 'transparent', 'hex' => '#e2b21e', 'solids' => 0.32, 'finish' => 'gloss'],
        ['name' => 'Transparent red', 'kind' => 'transparent', 'hex' => '#b4202a', 'solids' => 0.32, 'finish' => 'gloss'],
        ['name' => 'Transparent blue', 'kind' => 'transparent', 'hex' => '#30608f', 'solids' => 0.32, 'finish' => 'gloss'],
        ['name' => 'Transparent green', 'kind' => 'transparent', 'hex' => '#3f6a3c', 'solids' => 0.32, 'finish' => 'gloss'],
        ['name' => 'Transparent brown', 'kind' => 'transparent', 'hex' => '#6b4626', 'solids' => 0.32, 'finish' => 'gloss'],
    ];

    public const CLEARS = [
        ['kind' => 'two-part epoxy', 'name' => 'Half-hour epoxy', 'label_min' => 30],
        ['kind' => 'slow casting resin', 'name' => 'Slow casting resin', 'label_min' => 120],
        ['kind' => 'UV resin', 'name' => 'UV resin', 'bottle_ml' => 100],
        ['kind' => 'moisture-cure urethane dip', 'name' => 'Urethane dip'],
        ['kind' => 'acrylic spray', 'name' => 'Acrylic spray', 'bottle_ml' => 400],
    ];

    public const EYES = [
        ['name' => 'Yellow 3D', 'kind' => '3D', 'diameter_mm' => 5, 'iris' => '#d8b83a', 'left' => 20],
        ['name' => 'Silver 3D', 'kind' => '3D', 'diameter_mm' => 6, 'iris' => '#c8ccd0', 'left' => 20],
        ['name' => 'Red domes', 'kind' => 'domed', 'diameter_mm' => 4.5, 'iris' => '#b3262a', 'left' => 20],
    ];

    /** Number of each body in the drawer. */
    public const BODIES = 4;

    /** Body by its shape, and what is cut for it. */
    public const MASKS = [
        ['minnow', 'Gill card', ['name' => 'card'], 'plastic card 0.5'],
        ['round crankbait', 'Punched spot', ['name' => 'punch', 'shape' => 'round', 'long_mm' => 5], 'plastic card 0.5'],
        ['minnow', 'Scale strip', ['name' => 'scallops'], 'plastic card 0.3'],
    ];
}
