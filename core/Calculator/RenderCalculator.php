<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Exchange\ResultWriter;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Scaling;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Render\Texture;

/** The whole surface of a bait as colours. */
final class RenderCalculator implements Calculator
{
    private const REST = ['body', 'upto', 'width', 'height', 'surface'];

    public function name(): string
    {
        return 'render';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  recipe: a recipe document (or the document itself); body (optional: fit to it), upto (step id), width (default 256),
                 height (default 128, even), surface: matte or clear (default clear)
            out: width, height, palette [hex], glint [hex],
                 cells (base64, row by row from the back ridge, nose to tail), bytes_per_cell (2, little endian)
            TEXT;
    }

    public function example(): array
    {
        return ['recipe' => Examples::recipe(), 'width' => 32, 'height' => 16];
    }

    public function calculate(Node $in): array
    {
        $wrapped = $in->has('recipe');
        if ($wrapped) {
            $in->only(['recipe', ...self::REST]);
        }
        $recipe = RecipeReader::read($wrapped ? $in->field('recipe') : $this->bare($in));
        if ($wrapped && $in->has('body')) {
            $recipe = Scaling::fit($recipe, Body::read($in->field('body')));
        }
        $upto = $in->optional('upto')?->text(40);
        if ($upto !== null && $recipe->number($upto) === 0) {
            throw $in->field('upto')->refuse("There is no step “{$upto}”.");
        }
        $height = $in->optional('height')?->integer(8, 512) ?? 128;
        if ($height % 2 !== 0) {
            throw $in->field('height')->refuse('The height must be even: two halves.');
        }
        $surface = Surface::of($recipe->body, $in->optional('width')?->integer(8, 1024) ?? 256, $height);
        $finish = SurfaceFinish::from($in->optional('surface')?->choice(['none', 'matte', 'clear']) ?? 'clear');
        $texture = Texture::draw(Field::painted($recipe, $surface, Climate::ordinary(), $upto), $finish);

        return ResultWriter::texture($texture);
    }

    /** A recipe document that carries the options beside its own fields. */
    private function bare(Node $in): Node
    {
        $fields = array_map(static fn(Node $node): mixed => $node->raw(), $in->fields());

        return Node::root(array_diff_key($fields, array_flip(array_diff(self::REST, ['body']))));
    }
}
