<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Pattern\Scaling;

/** {op: body, body_id, marks: scale (default) or stay}: the same on another body. */
final readonly class OnBody implements Change
{
    private function __construct(private Node $body, private bool $grow) {}

    public static function op(): string
    {
        return 'body';
    }

    public static function read(Node $change): static
    {
        $change->only(['op', 'body_id', 'marks']);

        return new self($change->field('body_id'), $change->optional('marks')?->choice(['scale', 'stay']) !== 'stay');
    }

    public function applyTo(Recipe $recipe, Surroundings $around): Changed
    {
        $to = $around->body($this->body);
        $told = $to->id === $around->own()->id ? ''
            : "Now on {$to->body->name}. ".Scaling::say($recipe->body, $to->body, $this->grow);

        return new Changed(
            PrepareBody::prepared(Scaling::fit($recipe, $to->body, $this->grow), $to, false),
            'change the body',
            told: $told,
            bodyId: $to->id,
        );
    }
}
