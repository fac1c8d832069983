<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Document\Outside;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/**
 * What steps of every kind have: an id, a title (which may be empty), whether the step is enabled, a check to make, and the
 * advice that was answered with “meant so”.
 */
final readonly class Head
{
    /**
     * @param array<string, string> $meant by rule: the figures of the step when it was meant, as {@see \Hawkbrush\Core\Advice\Meant} marks them
     * @param Outside|null $outside what of the step, as it was kept, lies outside today's bounds
     */
    public function __construct(
        public string $id,
        public string $title = '',
        public bool $on = true,
        public string $check = '',
        public array $meant = [],
        public ?Outside $outside = null,
    ) {}

    public static function fields(): Fields
    {
        /** @var Fields|null $fields */
        static $fields = null;

        return $fields ??= new Fields(
            Field::text('id', 40),
            Field::text('title', 80, 0)->or(''),
            Field::flag('on')->or(true),
            Field::text('check', 300, 0)->or(''),
            Field::list('meant', 0, 20)->or([]),
        );
    }

    /** @throws Refused */
    public static function read(Node $document, ?Outside $outside = null): self
    {
        $in = self::fields()->among($document);
        $id = $in->text('id');
        if (preg_match('/^[A-Za-z0-9_-]+$/', $id) !== 1) {
            throw $document->field('id')->refuse('A step id is made of letters, digits, - and _.');
        }

        return new self(
            $id,
            $in->text('title'),
            $in->flag('on'),
            $in->text('check'),
            self::meant($in->items('meant')),
            $outside,
        );
    }

    /** @param array<string, string> $meant */
    public function withMeant(array $meant): self
    {
        return new self($this->id, $this->title, $this->on, $this->check, $meant, $this->outside);
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

    /**
     * @param list<Node> $list
     *
     * @return array<string, string>
     */
    private static function meant(array $list): array
    {
        $meant = [];
        foreach ($list as $one) {
            $one->only(['rule', 'figures']);
            $meant[$one->field('rule')->text(40)] = $one->field('figures')->text(16);
        }

        return $meant;
    }
}
