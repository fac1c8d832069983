<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Step\Steps;

/** What differs between two recipes, step by step and field by field, in words fit to show. */
final readonly class Change
{
    private const WORDS = [
        'diameter_mm' => 'eye, mm', 'technique.diameter_mm' => 'spot, mm', 'width_mm' => 'width, mm', 'psi' => 'psi', 'strokes' => 'strokes a side', 'coats' => 'coats',
        'thinning_percent' => 'reducer, %', 'pitch_mm' => 'scale length, mm', 'drop_mm' => 'drop size, mm', 'size_mm' => 'patch size, mm',
        'weight' => 'weight', 'minutes' => 'minutes', 'aim_deg' => 'aim, deg', 'by' => 'set by', 'on' => 'on', 'clear' => 'clear',
    ];

    public function __construct(public string $stepId, public int $number, public string $what, public string $from, public string $to) {}

    /** @return list<self> */
    public static function between(Recipe $from, Recipe $to): array
    {
        $before = [];
        foreach ($from->steps as $step) {
            $before[$step->id] = self::flat(Steps::write($step));
        }
        $differences = [];
        foreach ($to->steps as $i => $step) {
            $now = self::flat(Steps::write($step));
            if (! isset($before[$step->id])) {
                $differences[] = new self($step->id, $i + 1, 'step', 'none', 'added');

                continue;
            }
            foreach ($now as $field => $value) {
                $was = $before[$step->id][$field] ?? '';
                if ($was !== $value) {
                    $name = substr((string) strrchr('.'.$field, '.'), 1);
                    $differences[] = new self($step->id, $i + 1, self::WORDS[$field] ?? self::WORDS[$name] ?? strtr((string) preg_replace('/_mm$/', ', mm', $name), '_', ' '), $was, $value);
                }
            }
        }
        foreach ($from->steps as $i => $step) {
            if ($to->number($step->id) === 0) {
                $differences[] = new self($step->id, $i + 1, 'step', 'there', 'removed');
            }
        }

        return $differences;
    }

    /**
     * @param array<mixed> $document
     *
     * @return array<string, string>
     */
    private static function flat(array $document, string $prefix = ''): array
    {
        $flat = [];
        foreach ($document as $key => $value) {
            if (\is_array($value)) {
                $flat += self::flat($value, $prefix.$key.'.');
            } else {
                $flat[$prefix.$key] = match (true) {
                    \is_bool($value) => $value ? 'yes' : 'no',
                    $value === null => 'none',
                    \is_float($value) => rtrim(rtrim(\sprintf('%.3F', $value), '0'), '.'),
                    \is_scalar($value) => (string) $value,
                    default => '',
                };
            }
        }

        return $flat;
    }
}
