<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Handle;

use Hawkbrush\Core\Body\Index;
use Hawkbrush\Core\Technique\Grip;

/** Handles on a row or a band of marks, or on a line that follows an edge: its ends, its edges, how wide it is. */
final readonly class RowHandles
{
    public function __construct(private Gripped $on, private SurfacePoint $at) {}

    /** @return list<Handle> */
    public function all(): array
    {
        return array_values(array_filter([
            ...($this->on->has(Grip::Behind) ? [$this->behind()] : [$this->side(Grip::Front), $this->side(Grip::Rear)]),
            $this->row(), $this->edge(Grip::Upper), $this->edge(Grip::Lower), $this->wide(), $this->size(), $this->apart(),
            $this->slant(), $this->lean(),
        ]));
    }

    private function behind(): Handle
    {
        $mm = $this->on->now(Grip::Behind);

        return Handle::at('edge', 'the edge it follows', $this->at, Index::along($this->on->body, $this->at->u), true, false,
            fn(float $u): array => $this->on->set([
                [Grip::Behind, $mm + $this->at->to(new SurfacePoint($this->on->body, $u, $this->at->deg))[0]],
            ]));
    }

    private function side(Grip $grip): Handle
    {
        $u = $this->on->now($grip);
        $front = $grip === Grip::Front;

        $at = new SurfacePoint($this->on->body, $u, $this->at->deg);

        return Handle::at($front ? 'front' : 'rear', $front ? 'its front end' : 'its rear end', $at,
            Index::along($this->on->body, $u), true, false, fn(float $u): array => $this->on->set([
                [$grip, $front ? min($u, $this->on->now(Grip::Rear)) : max($u, $this->on->now(Grip::Front))],
            ]));
    }

    private function row(): ?Handle
    {
        $says = Index::around($this->on->body, $this->at->u, $this->at->deg);

        return ! $this->on->has(Grip::Around) ? null
            : Handle::at('row', 'its line along the side', $this->at, $says, false, true,
                fn(float $u, float $deg): array => $this->on->set([[Grip::Around, $deg]]));
    }

    private function edge(Grip $grip): ?Handle
    {
        if (! $this->on->has($grip)) {
            return null;
        }
        $deg = $this->on->now($grip);
        $upper = $grip === Grip::Upper;

        $at = new SurfacePoint($this->on->body, $this->at->u, $deg);

        return Handle::at($upper ? 'upper' : 'lower', $upper ? 'its upper end' : 'its lower end', $at,
            Index::around($this->on->body, $this->at->u, $deg), false, true, fn(float $u, float $deg): array => $this->on->set([
                [$grip, $upper ? min($deg, $this->on->now(Grip::Lower)) : max($deg, $this->on->now(Grip::Upper))],
            ]));
    }

    /** The width of bars and edges along the length, of a line around. */
    /** The width of a line around the bait, or of bars and edges along it. */
    private function wide(): ?Handle
    {
        if ($this->on->has(Grip::WidthAround)) {
            $mm = $this->on->now(Grip::WidthAround);

            return Handle::at('wide', 'its width', $this->at->away(0, $mm / 2), \sprintf('%.1f mm wide', $mm), false, true,
                fn(float $u, float $deg): array => $this->on->set([
                    [Grip::WidthAround, 2 * abs($this->at->to(new SurfacePoint($this->on->body, $this->at->u, $deg))[1])],
                ]));
        }

        return $this->across(Grip::WidthAlong, 'wide', 'its width', '%.1f mm wide');
    }

    private function size(): ?Handle
    {
        return $this->across(Grip::Diameter, 'size', 'its size', '%.1f mm across');
    }

    /** A measure along the bait, pulled at the front end of the row. */
    private function across(Grip $grip, string $id, string $what, string $says): ?Handle
    {
        if (! $this->on->has($grip)) {
            return null;
        }
        $front = $this->on->has(Grip::Front) ? new SurfacePoint($this->on->body, $this->on->now(Grip::Front), $this->at->deg) : $this->at;
        $mm = $this->on->now($grip);

        return Handle::at($id, $what, $front->away($mm / 2, 0), \sprintf($says, $mm), true, false,
            fn(float $u): array => $this->on->set([
                [$grip, 2 * abs($front->to(new SurfacePoint($this->on->body, $u, $front->deg))[0])],
            ]));
    }

    private function apart(): ?Handle
    {
        return ! $this->on->has(Grip::RowsApart, Grip::Rows) || $this->on->now(Grip::Rows) < 1.5 ? null
            : Handle::at('apart', 'how far the rows lie apart', $this->at->away(0, $this->on->now(Grip::RowsApart)),
                \sprintf('%.1f mm apart', $this->on->now(Grip::RowsApart)), false, true, fn(float $u, float $deg): array => $this->on->set([
                    [Grip::RowsApart, $this->at->to(new SurfacePoint($this->on->body, $this->at->u, $deg))[1]],
                ]));
    }

    /** How much farther down a tape lies at its rear end. */
    private function slant(): ?Handle
    {
        $to = $this->on->has(Grip::Fall, Grip::Rear) ? $this->on->now(Grip::Rear) : 0.0;
        if ($to <= 0) {
            return null;
        }
        $level = new SurfacePoint($this->on->body, $to, $this->on->now(Grip::Lower));

        return Handle::at('slant', 'how far it falls', $level->away(0, $this->on->now(Grip::Fall) * $to),
            \sprintf('falls by %.1f mm', $this->on->now(Grip::Fall)), false, true,
            fn(float $u, float $deg): array => $this->on->set([
                [Grip::Fall, $level->to(new SurfacePoint($this->on->body, $to, $deg))[1] / $to],
            ]));
    }

    /** How much farther back the lower end of a bar stands. */
    private function lean(): ?Handle
    {
        if (! $this->on->has(Grip::Lean, Grip::Rear)) {
            return null;
        }
        $upright = new SurfacePoint($this->on->body, $this->on->now(Grip::Rear), $this->on->now(Grip::Lower));

        return Handle::at('lean', 'how far they lean', $upright->away($this->on->now(Grip::Lean), 0),
            \sprintf('lean %.1f mm', $this->on->now(Grip::Lean)), true, false,
            fn(float $u): array => $this->on->set([[Grip::Lean, $upright->to(new SurfacePoint($this->on->body, $u, $upright->deg))[0]]]));
    }
}
