<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Document;

use Hawkbrush\Core\Refused;

/** How a place in a document is read that holds a number, a text, a day or a word; each is refused where it is something else. */
trait ReadsScalars
{
    /** @throws Refused when this is no finite number within the bounds */
    public function number(float $min = -1e12, float $max = 1e12): float
    {
        if (! \is_int($this->value) && ! \is_float($this->value)) {
            throw $this->refuse('A number was expected here.');
        }
        $number = (float) $this->value;
        if (! is_finite($number)) {
            throw $this->refuse('A finite number was expected here.');
        }
        if ($number < $min || $number > $max) {
            [$least, $most, $is] = [self::plain($min), self::plain($max), self::plain($number)];
            $this->beyond("A number from {$least} to {$most} was expected here, not {$is}.", "{$is} (today {$least} to {$most})");
        }

        return $number;
    }

    /** @throws Refused */
    public function integer(int $min, int $max): int
    {
        $number = $this->number($min, $max);
        if ($number !== floor($number)) {
            throw $this->refuse('A whole number was expected here.');
        }

        return (int) $number;
    }

    /** @throws Refused */
    public function boolean(): bool
    {
        if (! \is_bool($this->value)) {
            throw $this->refuse('true or false was expected here.');
        }

        return $this->value;
    }

    /** @throws Refused when this is no text, empty where it must not be, too long, or holds control characters */
    public function text(int $max = 200, bool $mayBeEmpty = false): string
    {
        if (! \is_string($this->value) || ! mb_check_encoding($this->value, 'UTF-8')) {
            throw $this->refuse('A text was expected here.');
        }
        $text = trim($this->value);
        if ($text === '' && ! $mayBeEmpty) {
            throw $this->refuse('This must not be empty.');
        }
        if (mb_strlen($text) > $max) {
            $this->beyond("This must not be longer than {$max} characters.", mb_strlen($text)." characters (today up to {$max})");
        }
        if (preg_match('/[\x00-\x08\x0b\x0c\x0e-\x1f\x7f]/', $text) === 1) {
            throw $this->refuse('This holds control characters.');
        }

        return $text;
    }

    /** @throws Refused when this is no text of many lines, or too long */
    public function lines(int $max): string
    {
        if (! \is_string($this->value) || ! mb_check_encoding($this->value, 'UTF-8')) {
            throw $this->refuse('A text in UTF-8 was expected here.');
        }
        if (mb_strlen($this->value) > $max || str_contains($this->value, "\0")) {
            throw $this->refuse("A text of up to {$max} characters was expected here.");
        }

        return $this->value;
    }

    /**
     * A colour of the screen, #rrggbb in small letters.
     *
     * @throws Refused
     */
    public function colour(): string
    {
        $text = $this->text(9);

        return preg_match('/^#[0-9a-fA-F]{6}$/', $text) === 1
            ? strtolower($text)
            : throw $this->refuse("“{$text}” is no colour; write it as #rrggbb.");
    }

    /** @throws Refused when it is no day of the calendar, written YYYY-MM-DD */
    public function date(): string
    {
        $text = $this->text(10);
        if (preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $text, $parts) !== 1 || ! checkdate(
            (int) $parts[2],
            (int) $parts[3],
            (int) $parts[1],
        )) {
            throw $this->refuse('A day was expected here, written as 2026-11-25.');
        }

        return $text;
    }

    /**
     * @template T of string
     *
     * @param list<T> $choices
     *
     * @return T
     *
     * @throws Refused when the text is none of the choices
     */
    public function choice(array $choices): string
    {
        $text = $this->text();
        foreach ($choices as $choice) {
            if ($choice === $text) {
                return $choice;
            }
        }
        throw $this->refuse('One of '.implode(', ', $choices)." was expected here, not “{$text}”.");
    }

    /**
     * One of some words; what was kept was one of them once.
     *
     * @param list<string> $choices
     *
     * @throws Refused
     */
    public function word(array $choices): string
    {
        return $this->outside === null ? $this->choice($choices) : $this->text();
    }

    /**
     * @return list<float>
     *
     * @throws Refused
     */
    public function numbers(int $count, float $min, float $max): array
    {
        // Curves are read by the hundred: only a number that is refused needs a place of its own.
        $numbers = [];
        foreach (\is_array($this->value) && array_is_list($this->value) ? $this->value : [] as $value) {
            if ((\is_float($value) || \is_int($value)) && $value >= $min && $value <= $max && abs($value) < INF) {
                $numbers[] = (float) $value;
            }
        }

        return \count($numbers) === $count && \count((array) $this->value) === $count
            ? $numbers
            : array_map(static fn(self $item): float => $item->number($min, $max), $this->items($count, $count));
    }

    private static function plain(float $number): string
    {
        return rtrim(rtrim(\sprintf('%.6F', $number), '0'), '.');
    }
}
