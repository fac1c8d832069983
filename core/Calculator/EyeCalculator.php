<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Marks;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Eye\Fit;
use Hawkbrush\Core\Node;

/** Which eyes fit a body, how proud one stands, and whether it is seen. */
final class EyeCalculator implements Calculator
{
    public function name(): string
    {
        return 'eye';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  body; diameter_mm (default: the first that fits); kind: flat, domed, 3D, glass, painted or glow (domed); iris and
                 surround as hex (default: amber, grey)
            out: fits [{diameter_mm, why}], proud_mm, proud: what that means; sunk_mm below the face of the head;
                 contrast {delta_e, lightness, seen}
            TEXT;
    }

    public function example(): array
    {
        return ['body' => Examples::body(), 'kind' => 'domed', 'iris' => '#d8a52a', 'surround' => '#20242a'];
    }

    public function calculate(Node $in): array
    {
        $in->only(['body', 'diameter_mm', 'kind', 'iris', 'surround']);
        $body = Body::read($in->field('body'));
        $kind = $in->optional('kind')?->choice(Eye::KINDS) ?? 'domed';
        $fits = Fit::sizes($body);
        $diameter = $in->optional('diameter_mm')?->number(...Marks::SOCKET_MM) ?? $fits[0]['diameter_mm'];
        $colour = static function (string $name, string $usual) use ($in): Colour {
            $node = $in->optional($name);

            return $node === null ? Colour::fromHex($usual) : $node->guard(static fn(): Colour => Colour::fromHex($node->text(9)));
        };
        $proud = Fit::proudMm($body, $diameter, $kind);

        return [
            'fits' => $fits,
            'proud_mm' => $proud,
            'proud' => Fit::proudWords($body, $proud, $kind),
            'sunk_mm' => Fit::sunkMm($body, $diameter, $kind),
            'contrast' => Fit::contrast($colour('iris', '#d89a3a'), $colour('surround', '#808080')),
        ];
    }
}
