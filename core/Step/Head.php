<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/**
 * What steps of every kind have: an id, a title (which may be empty), whether the step is enabled, a check to make, and the
 * advice that was answered with “meant so”.
 */
final readonly class Head
{
    public const FIELDS = ['id', 'type', 'title', 'on', 'check', 'meant'];

    private const MOST_MEANT = 20;

    /** @param array<string, string> $meant by rule: the figures of the step when it was meant, as {@see \Hawkbrush\Core\Advice\Meant} marks them */
    public function __construct(
        public string $id,
        public string $title = '',
        public bool $on = true,
        public string $check = '',
        public array $meant = [],
    ) {}

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
            self::meant($document->optional('meant')),
        );
    }

    /** @param array<string, string> $meant */
    public function withMeant(array $meant): self
    {
        return new self($this->id, $this->title, $this->on, $this->check, $meant);
    }

    /** @return list<array{rule: string, figures: string}> as it stands in a document */
    public function meantDocument(): array
    {
        return array_map(
            static fn(string $rule, string $figures): array => ['rule' => $rule, 'figures' => $figures],
            array_keys($this->meant),
            array_values($this->meant),
        );
    }

    /** @return array<string, string> */
    private static function meant(?Node $list): array
    {
        $meant = [];
        foreach ($list?->items(0, self::MOST_MEANT) ?? [] as $one) {
            $one->only(['rule', 'figures']);
            $meant[$one->field('rule')->text(40)] = $one->field('figures')->text(16);
        }

        return $meant;
    }
}
