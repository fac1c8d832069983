<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Shop;

use Hawkbrush\Core\Air\CleanFigures;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** How a shop goes about it: the habits of each who paints in it, whose count now, and what cleaning takes here. */
final readonly class ShopHabits
{
    public const MOST_PAINTERS = 12;

    /** @param non-empty-array<string, Habits> $painters by name; one without a name where nobody is named */
    private function __construct(private array $painters, public string $now, public CleanFigures $clean) {}

    /**
     * {painter, painters: {name: habits}, clean}; what is left out is as usual.
     *
     * @param array<string, mixed> $document
     *
     * @throws Refused
     */
    public static function read(array $document): self
    {
        $root = Node::kept($document);
        $painters = array_map(Habits::read(...), $root->optional('painters')?->fields(self::MOST_PAINTERS) ?? []);
        if ($painters === []) {
            $painters = ['' => Habits::usual()];
        }
        $now = $root->optional('painter')?->text(40, true) ?? '';

        return new self(
            $painters,
            isset($painters[$now]) ? $now : (string) array_key_first($painters),
            CleanFigures::read($root->optional('clean') ?? Node::root([])),
        );
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        return [
            'painter' => $this->now,
            'painters' => array_map(static fn(Habits $habits): array => $habits->all(), $this->painters),
            'clean' => $this->clean->all(),
        ];
    }

    public function habits(): Habits
    {
        return $this->painters[$this->now];
    }

    /** @return list<string> */
    public function painters(): array
    {
        return array_map(strval(...), array_keys($this->painters));
    }

    /** @return list<string> who follows a school */
    public function followers(Habit $habit, string $school): array
    {
        return array_map(strval(...), array_keys(array_filter(
            $this->painters,
            static fn(Habits $habits): bool => $habits->of($habit) === $school,
        )));
    }

    public function with(?Habits $habits = null, ?CleanFigures $clean = null): self
    {
        return new self(array_replace($this->painters, [$this->now => $habits ?? $this->habits()]), $this->now, $clean ?? $this->clean);
    }

    /**
     * From now on somebody else paints; one who is new begins with the habits of now.
     *
     * @throws Refused when there are too many
     */
    public function paintedBy(string $name): self
    {
        if (preg_match('/\p{L}/u', $name) !== 1) {
            throw Refused::at('/painter', 'A name has a letter in it.');
        }
        // Who had no name until now has one.
        $painters = isset($this->painters[$name]) ? $this->painters
            : array_diff_key($this->painters, ['' => true]) + [$name => $this->habits()];
        if (\count($painters) > self::MOST_PAINTERS) {
            throw Refused::at('/painter', 'A shop has '.self::MOST_PAINTERS.' painters at most.');
        }

        return new self($painters, $name, $this->clean);
    }

    /**
     * @throws Refused when it is who paints now, or nobody
     */
    public function without(string $name): self
    {
        if (! isset($this->painters[$name])) {
            throw Refused::at('/forget', "Nobody here is called “{$name}”.");
        }
        $left = array_diff_key($this->painters, [$name => true]);
        if ($name === $this->now || $left === []) {
            throw Refused::at('/forget', 'Whose habits count now cannot be taken away. Choose another first.');
        }

        return new self($left, $this->now, $this->clean);
    }
}
