<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Step\Step;
use Hawkbrush\Core\Step\Steps;
use Hawkbrush\Core\Technique\Parameter;

/** What differs between two recipes, step by step and field by field, in words fit to show. */
final readonly class Change
{
    /** Labels of fields where the name is not one; technique parameters use the labels of their own form. */
    private const LABELS = [
        'diameter_mm' => 'eye, mm', 'psi' => 'psi', 'strokes' => 'strokes a side', 'thinning_percent' => 'thinned, %', 'by' => 'set by',
        'aim_deg' => 'aim, deg', 'slant_deg' => 'slant, deg', 'where.from_u' => 'place from, mm', 'where.to_u' => 'place to, mm',
        'where.from_deg' => 'upper edge, deg', 'where.to_deg' => 'lower edge, deg', 'where.soft' => 'edge fades, %',
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
                    [$what, $length] = [self::label($field, $step), [$from->body->lengthMm, $to->body->lengthMm]];
                    [$was, $is] = [self::shown($field, $was, $step, $length[0]), self::shown($field, $value, $step, $length[1])];
                    $differences[] = new self($step->id, $i + 1, $what, $was, $is);
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
        $parameter = self::parameter($field, $step);
        if ($parameter !== null) {
            $unit = match (true) {
                $parameter->unit === 'of length' => 'mm',
                self::isShare($parameter) => trim('% '.$parameter->unit),
                default => $parameter->unit,
            };

            return lcfirst($parameter->label).($unit === '' ? '' : ", {$unit}");
        }

        return self::LABELS[$field] ?? self::LABELS[$name] ?? strtr((string) preg_replace('/_mm$/', ', mm', $name), '_', ' ');
    }

    /** A value as a painter sets it: places in mm from the nose, shares in per cent. */
    private static function shown(string $field, string $value, Step $step, float $lengthMm): string
    {
        $parameter = self::parameter($field, $step);
        if (! is_numeric($value)) {
            return $value;
        }

        $along = $parameter?->unit === 'of length' || \in_array($field, ['where.from_u', 'where.to_u'], true);
        $share = $field === 'where.soft' || ($parameter !== null && self::isShare($parameter));

        return match (true) {
            $along => self::plain((float) $value * $lengthMm, 1),
            $share => self::plain((float) $value * 100, 1),
            default => $value,
        };
    }

    private static function parameter(string $field, Step $step): ?Parameter
    {
        foreach (str_starts_with($field, 'technique.') ? $step->coat()?->technique->settings() ?? [] : [] as $parameter) {
            if ('technique.'.$parameter->name === $field) {
                return $parameter;
            }
        }

        return null;
    }

    private static function isShare(Parameter $parameter): bool
    {
        return $parameter->max <= 1 && $parameter->choices === [] && $parameter->outline === '';
    }

    private static function plain(float $value, int $digits): string
    {
        return rtrim(rtrim(\sprintf("%.{$digits}F", $value), '0'), '.');
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
                    \is_float($value) => self::plain($value, 3),
                    \is_scalar($value) => (string) $value,
                    default => '',
                };
            }
        }

        return $flat;
    }
}
