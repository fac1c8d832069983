<?php

declare(strict_types=1);

namespace App\Stores\Habits;

use Hawkbrush\Core\Advice\Advisor;
use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Air\Pressure;
use Hawkbrush\Core\Air\Thinning;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\BenchEvents;
use Hawkbrush\Core\Run\Record;
use Hawkbrush\Core\Shop\AirWords;
use Hawkbrush\Core\Shop\Habit;
use Hawkbrush\Core\Shop\Shop;
use Hawkbrush\Core\Technique\Techniques;

/** What a habit makes of a small example recipe: worked out by the same rules as everything else. Invented. */
final readonly class HabitExample
{
    private const SHEET = [
        'name' => 'Example',
        'body' => [
            'length_mm' => 65, 'exponent' => 2,
            'stations' => [[0, 1, 1, 1], [0.15, 10, 9, 6.5], [0.4, 14, 12.5, 8.5], [0.7, 9, 8.5, 5.5], [1, 1, 1, 1]],
        ],
        'paints' => [
            'white' => ['name' => 'White', 'hex' => '#f2f2ee', 'kind' => 'opaque'],
            'moss' => ['name' => 'Moss', 'hex' => '#5d7051', 'kind' => 'transparent'],
        ],
    ];

    private Recipe $recipe;

    private Recipe $mesh;

    public function __construct(private Shop $shop)
    {
        $coat = static fn(string $id, string $paint, array $more): array => [
            'id' => $id, 'type' => 'paint', 'mix' => [['paint' => $paint, 'drops' => 6]], 'technique' => ['name' => 'spray'],
            'where' => ['zone' => 'whole'], 'set' => ['by' => 'heat'], ...$more,
        ];
        $white = $coat('white', 'white', ['coats' => 2, 'weight' => 'heavy', 'psi' => 38]);
        $recipe = static fn(array ...$steps): Recipe => RecipeReader::read(Node::root(self::SHEET + ['steps' => $steps]));
        $this->recipe = $recipe(
            ['set' => ['by' => 'wet']] + $white,
            $coat('moss', 'moss', ['where' => ['zone' => 'flank'], 'psi' => 26, 'thinning_percent' => 30]),
            ['id' => 'eye', 'type' => 'eye', 'diameter_mm' => 5, 'iris' => '#d8a52a'] + $this->shop->habits->ofNewStep('eye'),
            ['id' => 'clear', 'type' => 'clear', 'clear' => 'two-part epoxy', 'coats' => 1],
        );
        $this->mesh = $recipe($white, $coat('scales', 'moss', [
            'technique' => ['name' => 'mesh', 'pitch_mm' => 3], 'where' => ['zone' => 'back'], 'psi' => 10, 'thinning_percent' => 60,
        ]));
    }

    public function shown(Habit $habit): string
    {
        return match ($habit) {
            Habit::Judge => $this->air(),
            Habit::Thinner => $this->cup(),
            Habit::Set => $this->advised($this->recipe, 'runs-together'),
            Habit::BeforeMesh => $this->advised($this->mesh, 'too-soon-to-clamp'),
            Habit::Spot => $this->spots(),
            Habit::Sides => $this->next(),
            Habit::EyeHeld => $this->how('eye'),
            Habit::ClearTurned => $this->how('clear'),
        };
    }

    private function spots(): string
    {
        $label = static fn(string $name): string => Techniques::named($name)->label();
        [$first, $other] = array_map($label, $this->shop->habits->spots());

        return "“{$first}” stands before “{$other}”.";
    }

    private function moss(): Coat
    {
        return $this->recipe->coats()[1];
    }

    private function air(): string
    {
        $window = Pressure::window($this->moss()->spraying($this->shop->nozzle, $this->shop->habits->water()));

        return AirWords::say($window, $this->moss()->psi, $this->shop->habits);
    }

    private function cup(): string
    {
        $water = $this->shop->habits->water();
        $way = $this->moss()->spraying($this->shop->nozzle, $water);
        $set = Thinning::window($way)->set;

        return \sprintf(
            '%s to about %d %% of the cup, %s psi to begin with.', $water ? 'Water' : 'Reducer', round($set),
            Pressure::round(Pressure::window($way)->set),
        );
    }

    private function advised(Recipe $recipe, string $rule): string
    {
        $found = array_values(array_filter(
            Advisor::advise($recipe, Climate::ordinary(), [], $this->shop),
            static fn(Finding $finding): bool => $finding->rule === $rule,
        ));

        return $found === [] ? 'No advice.' : "{$found[0]->headline}. {$found[0]->reason}";
    }

    /** Which bait and side come after the first side of the first of two baits. */
    private function next(): string
    {
        $moss = $this->moss();
        [$first, $second] = $this->recipe->step($moss->id)?->sides() ?? ['', ''];
        $event = static fn(int $n, string $type, string $step, ?int $bait, array $data): BenchEvent => BenchEvents::read(Node::root([
            'id' => "example-{$n}", 'type' => $type, 'step' => $step, 'bait' => $bait, 'at' => '2026-01-01T08:00:00Z', 'data' => $data,
        ]));
        $at = Record::fold($this->recipe, 2, [
            $event(1, 'done', 'white', null, []),
            $event(2, 'side', $moss->id, 1, ['side' => $first, 'done' => true]),
        ], ! $this->shop->habits->baitByBait())->position();
        $bait = $at['bait'] ?? 1;

        return \sprintf('After the %s side of bait 1: bait %d, %s side.', $first, $bait, $bait === 1 ? $second : $first);
    }

    private function how(string $step): string
    {
        return $this->recipe->step($step)?->how(habits: $this->shop->habits) ?? '';
    }
}
