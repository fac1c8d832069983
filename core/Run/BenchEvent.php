<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Air\Cause;
use Hawkbrush\Core\Air\Fault;
use Hawkbrush\Core\Coat\Bounds;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** Something that happened at the bench. Never changed afterwards: what was wrong is followed by another event. */
final readonly class BenchEvent
{
    public const TYPES = ['side', 'done', 'reopened', 'figures', 'note', 'timer', 'tacky', 'dried', 'timer-stopped', 'photo', 'rejected',
        'taken-back', 'fault', 'tried'];

    /**
     * @param string $at ISO 8601, as the bench's clock had it
     * @param array<string, float|int|string|bool> $data
     */
    private function __construct(
        public string $id,
        public string $type,
        public string $stepId,
        public ?int $bait,
        public string $at,
        public array $data,
    ) {}

    /**
     * {id, type, step, bait: 1… or null for all, at, data}; `side` {side, done}, `figures` {psi, strokes, coats,
     * thinning_percent}, `note` {text}, `timer` {seconds, label}, `tacky` {seconds more}, `photo` {photo_id}, `rejected`
     * {reason} a bait that is painted no further, until it is `taken-back`; `fault` {fault, psi that was set}, `tried` {fault,
     * cause, helped}.
     *
     * @throws Refused
     */
    public static function read(Node $node): self
    {
        $node->only(['id', 'type', 'step', 'bait', 'at', 'data']);
        $id = $node->field('id')->text(40);
        if (preg_match('/^[0-9A-Za-z-]{8,40}$/', $id) !== 1) {
            throw $node->field('id')->refuse('An event id is 8 to 40 letters, digits and -.');
        }
        $at = $node->field('at')->text(40);
        if (preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d+)?(Z|[+-]\d\d:\d\d)$/', $at) !== 1 || date_create_immutable($at) === false) {
            throw $node->field('at')->refuse('A time is written as 2026-11-25T09:30:00Z.');
        }
        $type = $node->field('type')->choice(self::TYPES);

        return new self($id, $type, $node->field('step')->text(40), $node->optional('bait')?->integer(1, Plan::MOST_BAITS), $at,
            self::data($type, $node->optional('data') ?? Node::root([])));
    }

    /** @return array<string, float|int|string|bool> */
    private static function data(string $type, Node $data): array
    {
        return match ($type) {
            'side' => ['side' => $data->field('side')->choice(['left', 'right']), 'done' => $data->optional('done')?->boolean() ?? true],
            'figures' => self::figures($data),
            'note' => ['text' => $data->field('text')->text(1000)],
            'timer' => ['seconds' => $data->field('seconds')->number(1, 604800), 'label' => $data->optional('label')?->text(60) ?? ''],
            'tacky' => ['seconds' => $data->field('seconds')->number(1, 86400)],
            'photo' => ['photo_id' => $data->field('photo_id')->text(40)],
            'fault' => ['fault' => $data->field('fault')->choice(Fault::names())]
                + ($data->has('psi') ? ['psi' => Bounds::number($data->field('psi'), 'psi')] : []),
            'tried' => [
                'fault' => $data->field('fault')->choice(Fault::names()),
                'cause' => $data->field('cause')->choice(Cause::names()),
                'helped' => $data->field('helped')->boolean(),
            ],
            'rejected' => ['reason' => $data->field('reason')->text(200)],
            default => [],
        };
    }

    /** @return array<string, float|int> the figures that are given, each within its {@see Bounds} */
    private static function figures(Node $data): array
    {
        $figures = [];
        foreach (['psi', 'thinning_percent'] as $figure) {
            if ($data->has($figure)) {
                $figures[$figure] = Bounds::number($data->field($figure), $figure);
            }
        }
        foreach (['strokes', 'coats'] as $figure) {
            if ($data->has($figure)) {
                $figures[$figure] = Bounds::whole($data->field($figure), $figure);
            }
        }

        return $figures;
    }
}
