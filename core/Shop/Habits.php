<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Shop;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** The school a shop follows in each {@see Habit}. */
final readonly class Habits
{
    /** @param array<string, string> $schools by habit */
    private function __construct(private array $schools) {}

    public static function usual(): self
    {
        $schools = [];
        foreach (Habit::cases() as $habit) {
            $schools[$habit->value] = (string) array_key_first($habit->schools());
        }

        return new self($schools);
    }

    /**
     * {habit: school}; what is left out is as usual.
     *
     * @throws Refused when there is no such habit or school
     */
    public static function read(Node $node): self
    {
        $node->only(array_map(static fn(Habit $habit): string => $habit->value, Habit::cases()));
        $habits = self::usual();
        foreach (Habit::cases() as $habit) {
            if ($node->has($habit->value)) {
                $habits = $habits->with($habit, $node->field($habit->value)->choice(array_map(strval(...), array_keys($habit->schools()))));
            }
        }

        return $habits;
    }

    public function with(Habit $habit, string $school): self
    {
        return new self([...$this->schools, $habit->value => $school]);
    }

    public function of(Habit $habit): string
    {
        return $this->schools[$habit->value];
    }

    /** @return array<string, string> */
    public function all(): array
    {
        return $this->schools;
    }

    /** @return list<Habit> those in which another shop differs */
    public function differing(self $other): array
    {
        return array_values(array_filter(Habit::cases(), fn(Habit $habit): bool => $this->of($habit) !== $other->of($habit)));
    }

    /**
     * What a new step takes from the shop where it does not say it itself.
     *
     * @param mixed $kind of the step, as a document names it
     *
     * @return array<string, string> fields
     */
    public function ofNewStep(mixed $kind): array
    {
        return $kind === 'eye' ? ['set_with' => $this->of(Habit::EyeHeld)] : [];
    }

    public function sprayOut(): bool
    {
        return $this->of(Habit::Judge) === 'spray-out';
    }

    public function water(): bool
    {
        return $this->of(Habit::Thinner) === 'water';
    }

    public function wetBlends(): bool
    {
        return $this->of(Habit::Set) === 'wet blends';
    }

    public function dryerAlone(): bool
    {
        return $this->of(Habit::BeforeMesh) === 'dryer alone';
    }

    /** @return array{string, string} the techniques that make a spot, the shop's own first */
    public function spots(): array
    {
        return $this->of(Habit::Spot) === 'freehand' ? ['spot', 'punch'] : ['punch', 'spot'];
    }

    public function baitByBait(): bool
    {
        return $this->of(Habit::Sides) === 'bait by bait';
    }

    public function standing(): bool
    {
        return $this->of(Habit::ClearTurned) === 'standing';
    }
}
