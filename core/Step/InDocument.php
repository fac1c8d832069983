<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** How a kind of step stands in documents. */
interface InDocument
{
    /** Its `type` in documents. */
    public static function kind(): string;

    /** The fields it has in a document, beside those of every step: all that reads, writes and bounds them stands by this. */
    public static function fields(): Fields;

    /**
     * @param Node $document with only the fields of this kind left to read
     * @param array<string, Paint> $paints by id
     *
     * @throws Refused
     */
    public static function read(Head $head, Node $document, array $paints): static;

    /** @return array<string, mixed> every field of {@see fields}, as it stands in a document */
    public function document(): array;
}
