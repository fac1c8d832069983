<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Step\Step;
use Hawkbrush\Core\Step\Steps;

/** What differs between two recipes, step by step and field by field, in words fit to show. */
final readonly class Change
{
    /** Labels of fields where the name is not one; technique parameters use the labels of their own form. */
    private const LABELS = [
        'diameter_mm' => 'eye, mm', 'psi' => 'psi', 'strokes' => 'strokes a side', 'thinning_percent' => 'reducer, %', 'by' => 'set by',
        'aim_deg' => 'aim, deg', 'slant_deg' => 'slant, deg',
    ];

    public function __construct(public string $stepId, public int $number, public string $what, public string $from, public string $to) {}

    /** @return list<self> */
    public static function between(Recipe $from, Recipe $to): array
    {
        $before = array_map(static fn(Step $step): array => self::flat(Steps::write($step)), array_column($from->steps, null, 'id'));
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
                    $differences[] = new self($step->id, $i + 1, self::label($field, $step), $was, $value);
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

    private static function label(string $field, Step $step): string
    {
        $name = substr((string) strrchr('.'.$field, '.'), 1);
        if (str_starts_with($field, 'technique.')) {
            foreach ($step->coat()?->technique->settings() ?? [] as $parameter) {
                if ($parameter->name === $name) {
                    return lcfirst($parameter->label).($parameter->unit === '' ? '' : ", {$parameter->unit}");
                }
            }
        }

        return self::LABELS[$name] ?? strtr((string) preg_replace('/_mm$/', ', mm', $name), '_', ' ');
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
