<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Film\Hiding;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Node;

/** How much of a paint hides what lies below. */
final class HideCalculator implements Calculator
{
    public function name(): string
    {
        return 'hide';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  paint; target: contrast ratio that counts as hidden (default: 0.98; of a dark paint, under
                 1 DeltaE00 between black and white below it)
            out: dry_um; coats of an ordinary coat; both null with a reason when it never hides
            TEXT;
    }

    public function example(): array
    {
        return ['paint' => ['hex' => '#f2f2ee', 'kind' => 'opaque']];
    }

    public function calculate(Node $in): array
    {
        $in->only(['paint', 'target']);
        $paint = $in->field('paint');
        $optics = Optics::read($paint);
        $um = Hiding::thicknessUm($optics, $in->optional('target')?->number(0.01, 0.999));
        if ($um === null) {
            return [
                'dry_um' => null,
                'coats' => null,
                'reason' => 'It scatters and absorbs too little: no film that can be laid hides. Put white or another opaque under it.',
            ];
        }
        $kind = Kind::tryFrom($paint->optional('kind')?->text() ?? '') ?? Kind::Opaque;

        return ['dry_um' => $um, 'coats' => (int) ceil($um / $kind->ordinaryCoatUm()), 'reason' => null];
    }
}
