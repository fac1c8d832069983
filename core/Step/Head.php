<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** What steps of every kind have: an id, a title (which may be empty), whether the step is enabled, a check to make. */
final readonly class Head
{
    public const FIELDS = ['id', 'type', 'title', 'on', 'check'];

    public function __construct(public string $id, public string $title = '', public bool $on = true, public string $check = '') {}

    /** @throws Refused */
    public static function read(Node $document): self
    {
        $id = $document->field('id')->text(40);
        if (preg_match('/^[A-Za-z0-9_-]+$/', $id) !== 1) {
            throw $document->field('id')->refuse('A step id is made of letters, digits, - and _.');
        }

        return new self(
            $id,
            $document->optional('title')?->text(80, true) ?? '',
            $document->optional('on')?->boolean() ?? true,
            $document->optional('check')?->text(300, true) ?? '',
        );
    }
}
