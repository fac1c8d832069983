<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Typed;

/** What painters also call things, and the words of figures. Common practice, no published source. */
final class Synonyms
{
    /** Of a technique by its name. */
    public const TECHNIQUES = [
        'spray' => ['fade', 'freehand', 'free hand', 'airbrush', 'base', 'shade', 'blend'],
        'mesh' => ['scales', 'scale mesh', 'netting', 'net'],
        'bars' => ['stripes', 'bands', 'vertical bars'],
        'pen bars' => ['pen stripes'],
        'dots' => ['micro-brush', 'microbrush', 'spots by hand'],
        'soft dots' => ['soft spots'],
        'spot' => ['gill spot', 'shoulder spot'],
        'card' => ['gill card', 'gill edge'],
        'punch' => ['punched card'],
        'splatter' => ['specks', 'speckle', 'spatter'],
        'mottle' => ['camo', 'blotches', 'vermiculation'],
        'scallops' => ['scallop'],
        'tape' => ['masking tape', 'taped'],
        'line' => ['pen line'],
        'edge line' => ['gill line', 'mouth line'],
        'fan' => ['fin'],
        'rays' => ['fin rays'],
        'glitter' => ['flakes', 'flake'],
        'outline' => ['own stencil'],
        'brush' => ['brushed', 'by brush'],
        'dry brush' => ['drybrush'],
    ];

    /** Of a kind of step. */
    public const KINDS = [
        'prep' => ['prepare', 'preparation', 'sand', 'scuff', 'wash', 'prime'],
        'try' => ['try', 'test', 'test card'],
        'wait' => ['wait', 'dry', 'drying', 'pause'],
        'inspect' => ['inspect', 'inspection', 'look over', 'check'],
        'eye' => ['eye'],
        'clear' => ['clear', 'clear coat', 'clearcoat', 'topcoat', 'top coat', 'seal'],
        'dip' => ['vinyl dip', 'molten vinyl', 'vinyl'],
    ];

    public const CLEARS = [
        'two-part epoxy' => ['epoxy'],
        'slow casting resin' => ['resin', 'casting resin'],
        'UV resin' => ['uv', 'uv clear'],
        'moisture-cure urethane dip' => ['urethane', 'moisture cure'],
        'acrylic spray' => ['acrylic', 'acrylic clear'],
    ];

    public const ZONES = [
        'whole' => ['all over', 'everywhere', 'whole body', 'all'],
        'back' => ['top'],
        'flank' => ['side'],
        'belly' => ['bottom', 'underside'],
        'muzzle' => ['nose', 'snout'],
        'gill plate' => ['gill', 'cheek'],
        'lateral line' => ['midline'],
    ];

    /** A colour by its everyday name, where no paint is called so: CIELAB of a usual one, from memory. */
    public const COLOURS = [
        'white' => [95, 0, 2],
        'black' => [15, 0, 0],
        'grey' => [55, 0, 0],
        'silver' => [75, 0, 1],
        'gold' => [70, 5, 55],
        'brown' => [35, 15, 25],
        'red' => [45, 60, 40],
        'orange' => [65, 45, 65],
        'yellow' => [85, 0, 80],
        'green' => [50, -40, 30],
        'olive' => [45, -8, 35],
        'blue' => [40, 5, -45],
        'purple' => [35, 40, -40],
        'pink' => [70, 40, 5],
        'copper' => [55, 25, 35],
        'bone' => [88, 1, 12],
    ];

    /** A figure by the words that stand behind its number. */
    public const UNITS = [
        'psi' => ['psi'],
        'bar' => ['bar'],
        'kPa' => ['kpa'],
        'percent' => ['%', 'percent'],
        'mm' => ['mm', 'millimetres'],
        'in' => ['in', 'inch', 'inches'],
        'coats' => ['coat', 'coats', '×', 'x', 'layers'],
        'strokes' => ['stroke', 'strokes', 'passes'],
        'minutes' => ['min', 'minutes', 'minute'],
        'hours' => ['h', 'hours', 'hour'],
    ];
}
