<?php

declare(strict_types=1);

namespace Database\Seeders;

/** The invented mask box of the demo. */
final class DemoMasks
{
    /** @return list<array{string, string, string, string, int, int}> species and title of the step, name, sheet, baits it is good for, baits so far */
    public static function ofSteps(): array
    {
        return [
            ['roach', 'Gill edge', 'Gill card, Plover 65', 'plastic card 0.5', 200, 64],
            ['zander', 'Bars', 'Nine bars, Linnet', 'frisket film', 20, 11],
            ['zander', 'Gill edge', 'Gill card, Linnet', 'plastic card 0.5', 200, 38],
            ['gudgeon', 'Row of blotches', 'Eight circles', 'vinyl', 30, 9],
            ['gudgeon', 'Pectoral fin', 'Pectoral fan, eight rays', 'plastic card 0.3', 60, 13],
            ['gudgeon', 'Scale rims', 'Scallop strip, 4.2 mm', 'plastic card 0.3', 80, 22],
            ['rudd', 'Shoulder spot', 'Punched spot, 4.5 mm', 'plastic card 0.5', 200, 17],
        ];
    }

    /** @return list<array{string, string, array<string, float|int|string>, string, int}> body, name, technique, sheet, baits so far */
    public static function drawn(): array
    {
        return [
            [
                'heron180',
                'Crescent, Heron',
                ['name' => 'punch', 'shape' => 'crescent', 'long_mm' => 16, 'u' => 0.28, 'deg' => 74],
                'plastic card 0.5',
                0,
            ],
            [
                'bittern140',
                'Seven bars, Bittern',
                ['name' => 'bars', 'count' => 7, 'width_mm' => 6, 'from_u' => 0.28, 'to_u' => 0.9, 'waver' => 0.4],
                'frisket film',
                3,
            ],
            [
                'dipper50',
                'Three rings, Dipper',
                ['name' => 'circles', 'count' => 3, 'diameter_mm' => 6, 'core' => 0.5, 'from_u' => 0.4, 'to_u' => 0.72],
                'vinyl',
                2,
            ],
            ['tern75', 'Drop, Tern', ['name' => 'punch', 'shape' => 'drop', 'long_mm' => 7, 'u' => 0.3], 'plastic card 0.3', 6],
            [
                'sandpiper95',
                'Reed leaf, Sandpiper',
                ['name' => 'outline', 'outline' => 'M0 3L4 1L11 0L19 1L26 3.4L19 4.2L12 6L5 5Z', 'long_mm' => 26, 'u' => 0.55, 'deg' => 70],
                'vinyl',
                4,
            ],
        ];
    }
}
