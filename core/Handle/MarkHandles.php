<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Handle;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Index;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Technique\Indexed;
use Hawkbrush\Core\Technique\Parameter;

/**
 * Handles on the marks of a technique. A setting has its handle by its name, the same in every technique: u and deg are
 * the place of a mark, from_u and to_u the ends of a row, top_deg and bottom_deg its upper and lower edge.
 */
final readonly class MarkHandles
{
    /** An end that is pulled or turned less than this keeps its length, or its turn. */
    private const STEADY_MM = 0.4;

    private const STEADY_DEG = 3.0;

    /** @var array<string, Parameter> */
    private array $settings;

    private Spot $at;

    public function __construct(private Coat $coat, private Body $body)
    {
        $settings = [];
        foreach ($coat->technique->settings() as $setting) {
            $settings[$setting->name] = $setting;
        }
        $this->settings = $settings;
        $this->at = $this->middle();
    }

    /** @return list<Handle> */
    public function all(): array
    {
        if (! $this->coat->technique instanceof Indexed || ! ($this->has('u', 'deg') || $this->has('from_u') || $this->has('behind_mm'))) {
            return [];
        }

        return array_values(array_filter($this->has('u', 'deg')
            ? [$this->position(), $this->end(), $this->size(), $this->spread(), $this->again()]
            : [
                ...($this->has('behind_mm') ? [$this->behind()] : [$this->side('from_u'), $this->side('to_u')]),
                $this->row(), $this->edge('top_deg'), $this->edge('bottom_deg'), $this->wide(), $this->size(), $this->apart(),
                $this->slant(), $this->lean(),
            ]));
    }

    /** Where the mark stands, or the middle of its row. */
    private function middle(): Spot
    {
        $deg = match (true) {
            $this->has('deg') => $this->now('deg'),
            $this->has('top_deg') => ($this->now('top_deg') + $this->now('bottom_deg')) / 2,
            default => 90.0,
        };
        $u = match (true) {
            $this->has('u') => $this->now('u'),
            $this->has('from_u') => ($this->now('from_u') + $this->now('to_u')) / 2,
            $this->coat->technique instanceof Indexed => $this->coat->technique->anchors($this->body, $this->coat->choices)[0]->u,
            default => 0.5,
        };

        return new Spot($this->body, $u, $deg);
    }

    private function position(): Handle
    {
        return new Handle('mark', 'the mark', $this->at->u, $this->at->deg, Index::say($this->body, $this->at->u, $this->at->deg),
            true, true, fn(float $u, float $deg): array => $this->set(['u' => $u, 'deg' => $deg]));
    }

    /** The end towards the tail of a mark that has a length and a turn. */
    private function end(): ?Handle
    {
        $long = $this->has('length_mm') ? 'length_mm' : ($this->has('long_mm') ? 'long_mm' : null);
        if ($long === null || ! $this->has('turn_deg')) {
            return null;
        }
        // A fin stands on its root, any other mark on its middle.
        $part = $long === 'length_mm' ? 1.0 : 0.5;
        $reach = $this->now($long) * $part;
        $turn = $this->now('turn_deg');
        $end = $this->at->away($reach * cos(deg2rad($turn)), $reach * sin(deg2rad($turn)));

        return $this->handle('end', 'its end: length and turn', $end, \sprintf(
            '%.1f mm%s',
            $this->now($long),
            abs($turn) < 0.5 ? '' : \sprintf(', %d° %s', round(abs($turn)), $turn > 0 ? 'down' : 'up'),
        ), true, true, function (float $u, float $deg) use ($long, $part, $reach, $turn): array {
            [$back, $down] = $this->at->to(new Spot($this->body, $u, $deg));
            $far = hypot($back, $down);
            $angle = rad2deg(atan2($down, $back));

            return $this->set([
                $long => abs($far - $reach) < self::STEADY_MM ? $this->now($long) : $far / $part,
                'turn_deg' => abs($angle - $turn) < self::STEADY_DEG ? $turn : round($angle),
            ]);
        });
    }

    private function size(): ?Handle
    {
        if (! $this->has('diameter_mm')) {
            return null;
        }
        $on = $this->has('u') ? $this->at : new Spot($this->body, $this->now('from_u'), $this->at->deg);

        return $this->handle('size', 'its size', $on->away($this->now('diameter_mm') / 2, 0),
            \sprintf('%.1f mm across', $this->now('diameter_mm')), true, false,
            fn(float $u): array => $this->set(['diameter_mm' => 2 * abs($on->to(new Spot($this->body, $u, $on->deg))[0])]));
    }

    /** How far a fin or a bundle of rays opens: its lower edge. */
    private function spread(): ?Handle
    {
        if (! $this->has('spread_deg', 'length_mm')) {
            return null;
        }
        $turn = $this->now('turn_deg');
        $angle = deg2rad($turn + $this->now('spread_deg') / 2);
        $reach = $this->now('length_mm');

        return $this->handle('spread', 'how far it opens', $this->at->away($reach * cos($angle), $reach * sin($angle)),
            \sprintf('opens by %d°', round($this->now('spread_deg'))), true, true,
            function (float $u, float $deg) use ($turn): array {
                [$back, $down] = $this->at->to(new Spot($this->body, $u, $deg));
                $off = fmod(rad2deg(atan2($down, $back)) - $turn + 540, 360) - 180;

                return $this->set(['spread_deg' => round(2 * abs($off))]);
            });
    }

    /** Where a stencil is laid the second time. */
    private function again(): ?Handle
    {
        return ! $this->has('step_mm', 'times') || $this->now('times') < 1.5 ? null
            : $this->handle('again', 'where it is laid again', $this->at->away($this->now('step_mm'), 0),
                \sprintf('%.1f mm farther back', $this->now('step_mm')), true, false,
                fn(float $u): array => $this->set(['step_mm' => $this->at->to(new Spot($this->body, $u, $this->at->deg))[0]]));
    }

    private function behind(): Handle
    {
        $mm = $this->now('behind_mm');

        return $this->handle('edge', 'the edge it follows', $this->at, Index::along($this->body, $this->at->u), true, false,
            fn(float $u): array => $this->set(['behind_mm' => $mm + $this->at->to(new Spot($this->body, $u, $this->at->deg))[0]]));
    }

    private function side(string $name): Handle
    {
        $u = $this->now($name);
        $front = $name === 'from_u';

        $at = new Spot($this->body, $u, $this->at->deg);

        return $this->handle($front ? 'front' : 'rear', $front ? 'its front end' : 'its rear end', $at,
            Index::along($this->body, $u), true, false, fn(float $u): array => $this->set([
                $name => $front ? min($u, $this->now('to_u')) : max($u, $this->now('from_u')),
            ]));
    }

    private function row(): ?Handle
    {
        $says = Index::around($this->body, $this->at->u, $this->at->deg);

        return ! $this->has('deg') ? null
            : $this->handle('row', 'its line along the side', $this->at, $says, false, true,
                fn(float $u, float $deg): array => $this->set(['deg' => $deg]));
    }

    private function edge(string $name): ?Handle
    {
        if (! $this->has($name)) {
            return null;
        }
        $deg = $this->now($name);
        $upper = $name === 'top_deg';

        $at = new Spot($this->body, $this->at->u, $deg);

        return $this->handle($upper ? 'upper' : 'lower', $upper ? 'its upper end' : 'its lower end', $at,
            Index::around($this->body, $this->at->u, $deg), false, true, fn(float $u, float $deg): array => $this->set([
                $name => $upper ? min($deg, $this->now('bottom_deg')) : max($deg, $this->now('top_deg')),
            ]));
    }

    /** The width of bars and edges along the length, of a line around. */
    private function wide(): ?Handle
    {
        if (! $this->has('width_mm')) {
            return null;
        }
        $mm = $this->now('width_mm');
        $says = \sprintf('%.1f mm wide', $mm);
        if ($this->has('deg') && ! $this->has('count')) {
            return $this->handle('wide', 'its width', $this->at->away(0, $mm / 2), $says, false, true,
                fn(float $u, float $deg): array => $this->set([
                    'width_mm' => 2 * abs($this->at->to(new Spot($this->body, $this->at->u, $deg))[1]),
                ]));
        }
        $on = $this->has('from_u') ? new Spot($this->body, $this->now('from_u'), $this->at->deg) : $this->at;

        return $this->handle('wide', 'its width', $on->away($mm / 2, 0), $says, true, false,
            fn(float $u): array => $this->set(['width_mm' => 2 * abs($on->to(new Spot($this->body, $u, $on->deg))[0])]));
    }

    private function apart(): ?Handle
    {
        return ! $this->has('rows_mm', 'rows') || $this->now('rows') < 1.5 ? null
            : $this->handle('apart', 'how far the rows lie apart', $this->at->away(0, $this->now('rows_mm')),
                \sprintf('%.1f mm apart', $this->now('rows_mm')), false, true, fn(float $u, float $deg): array => $this->set([
                    'rows_mm' => $this->at->to(new Spot($this->body, $this->at->u, $deg))[1],
                ]));
    }

    /** How much farther down a tape lies at its rear end. */
    private function slant(): ?Handle
    {
        $to = $this->has('slant_mm', 'to_u') ? $this->now('to_u') : 0.0;
        if ($to <= 0) {
            return null;
        }
        $level = new Spot($this->body, $to, $this->now('bottom_deg'));

        return $this->handle('slant', 'how far it falls', $level->away(0, $this->now('slant_mm') * $to),
            \sprintf('falls by %.1f mm', $this->now('slant_mm')), false, true,
            fn(float $u, float $deg): array => $this->set(['slant_mm' => $level->to(new Spot($this->body, $to, $deg))[1] / $to]));
    }

    /** How much farther back the lower end of a bar stands. */
    private function lean(): ?Handle
    {
        if (! $this->has('lean_mm', 'to_u')) {
            return null;
        }
        $upright = new Spot($this->body, $this->now('to_u'), $this->now('bottom_deg'));

        return $this->handle('lean', 'how far they lean', $upright->away($this->now('lean_mm'), 0),
            \sprintf('lean %.1f mm', $this->now('lean_mm')), true, false,
            fn(float $u): array => $this->set(['lean_mm' => $upright->to(new Spot($this->body, $u, $upright->deg))[0]]));
    }

    /** @param \Closure(float, float): array<string, mixed> $set */
    private function handle(string $id, string $what, Spot $at, string $says, bool $along, bool $around, \Closure $set): Handle
    {
        return new Handle($id, $what, $at->u, $at->deg, $says, $along, $around, $set);
    }

    private function has(string ...$names): bool
    {
        return array_diff($names, array_keys($this->settings)) === [];
    }

    private function now(string $name): float
    {
        return $this->coat->choices->number($name);
    }

    /**
     * @param array<string, float> $figures
     *
     * @return array{technique: array<string, float|string>} all that is set for the technique, these figures kept within their bounds
     */
    private function set(array $figures): array
    {
        $technique = ['name' => $this->coat->technique->name(), ...$this->coat->choices->all()];
        foreach ($figures as $name => $figure) {
            $setting = $this->settings[$name];
            $within = max($setting->min, min($setting->max, $figure));
            $technique[$name] = $setting->unit === 'of length' ? PlaceHandles::round($this->body, $within) : round($within, 1);
        }

        return ['technique' => $technique];
    }
}
