<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

use Hawkbrush\Core\Flat\PathText;
use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Flat\Simple;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** What a painter has set for one technique; every setting has a value. */
final readonly class Choices
{
    private const LONGEST_PATH = 12_000;

    private const SAME = 0.01;

    /**
     * @param array<string, float> $numbers
     * @param array<string, string> $words
     */
    private function __construct(private array $numbers, private array $words) {}

    /** @throws Refused when a setting is out of bounds or unknown */
    public static function read(Technique $technique, Node $node): self
    {
        $numbers = $words = [];
        $known = ['name'];
        foreach ($technique->settings() as $setting) {
            $known[] = $setting->name;
            $given = $node->optional($setting->name);
            if ($setting->outline !== '') {
                $words[$setting->name] = $given === null ? $setting->outline : self::path($given);
            } elseif ($setting->choices !== []) {
                $words[$setting->name] = $given === null ? $setting->choices[0] : $given->choice($setting->choices);
            } else {
                $numbers[$setting->name] = $given === null ? $setting->default : $given->number($setting->min, $setting->max);
            }
        }
        $node->only($known);

        return new self($numbers, $words);
    }

    /** Rewritten, so that the same outline is always the same text. */
    private static function path(Node $given): string
    {
        try {
            return PathText::write(Simple::check(Shape::of(PathText::rings($given->text(self::LONGEST_PATH)))));
        } catch (Refused $e) {
            throw $given->refuse($e->getMessage());
        }
    }

    /** Whether nothing was set otherwise than the technique begins with. */
    public function areUsual(Technique $technique): bool
    {
        return $this->all() == self::read($technique, Node::root([]))->all();
    }

    /** Whether nothing in them differs that a hand could tell. */
    public function areAs(self $other): bool
    {
        foreach ($this->numbers as $name => $number) {
            if (abs($number - ($other->numbers[$name] ?? INF)) > self::SAME) {
                return false;
            }
        }

        return $this->words === $other->words;
    }

    public function number(string $name): float
    {
        return $this->numbers[$name];
    }

    public function word(string $name): string
    {
        return $this->words[$name];
    }

    /** The same with every length on the bait multiplied, kept within its bounds. */
    public function scaled(Technique $technique, float $by): self
    {
        $numbers = $this->numbers;
        foreach ($technique->settings() as $setting) {
            if ($setting->scales) {
                $numbers[$setting->name] = round(max($setting->min, min($setting->max, $numbers[$setting->name] * $by)), 2);
            }
        }

        return new self($numbers, $this->words);
    }

    /** @return array<string, float|string> */
    public function all(): array
    {
        return [...$this->numbers, ...$this->words];
    }
}
