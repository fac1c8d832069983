<?php

declare(strict_types=1);

use App\Stores\Stores;
use Hawkbrush\Core\Advice\Advisor;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Calculator\Calculator;
use Hawkbrush\Core\Calculator\Calculators;
use Hawkbrush\Core\Change\Change;
use Hawkbrush\Core\Change\Changes;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\BenchEvents;
use Hawkbrush\Core\Step\Step;
use Hawkbrush\Core\Step\Steps;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Techniques;

// A class that its list does not name would half work: every one that can be made is on it.

/**
 * @param string $folder of the core, with one folder below it or none
 * @param class-string $kind
 * @param string|null $core another core than ours
 *
 * @return list<class-string>
 */
function madeIn(string $folder, string $kind, ?string $core = null): array
{
    $core ??= dirname(__DIR__, 2).'/core/';
    $found = [];
    foreach ([...glob("{$core}{$folder}/*.php") ?: [], ...glob("{$core}{$folder}/*/*.php") ?: []] as $file) {
        $name = 'Hawkbrush\Core\\'.strtr(substr($file, strlen($core), -4), '/', '\\');
        if (is_subclass_of($name, $kind) && ! (new ReflectionClass($name))->isAbstract()) {
            $found[] = $name;
        }
    }
    sort($found);

    return $found;
}

/**
 * @param list<object> $listed
 *
 * @return list<class-string>
 */
function classesOf(array $listed): array
{
    $classes = array_map(get_class(...), $listed);
    sort($classes);

    return $classes;
}

it('lists every technique', function (): void {
    expect(classesOf(Techniques::all()))->toBe(madeIn('Technique', Technique::class));
});

it('lists every rule', function (): void {
    expect(classesOf(Advisor::rules()))->toBe(madeIn('Advice', Rule::class));
});

it('lists every calculator', function (): void {
    expect(classesOf(Calculators::all()))->toBe(madeIn('Calculator', Calculator::class));
});

it('lists every bench event and every change', function (): void {
    $sorted = static function (array $classes): array {
        sort($classes);

        return $classes;
    };
    expect($sorted(BenchEvents::ALL))->toBe(madeIn('Run', BenchEvent::class))
        ->and($sorted(Changes::ALL))->toBe(madeIn('Change', Change::class));
});

it('lists every kind of step', function (): void {
    $kinds = Steps::KINDS;
    sort($kinds);
    expect($kinds)->toBe(madeIn('Step', Step::class));
});

it('lists every store, each with its table in a backup, its routes, its part of the contract and its page', function (): void {
    $root = dirname(__DIR__, 2);
    $folders = array_map(basename(...), glob("{$root}/app/Stores/*", GLOB_ONLYDIR) ?: []);
    $named = array_map(static fn(string $store): string => explode('\\', $store)[2], Stores::ALL);
    expect($named)->toEqualCanonicalizing($folders);
    $pages = (string) file_get_contents("{$root}/resources/js/storeroom/Stores.tsx");
    foreach ($folders as $folder) {
        $name = strtolower($folder);
        expect(is_file("{$root}/contract/openapi/{$name}.yaml"))->toBeTrue("{$folder} has no part of the contract")
            ->and(is_dir("{$root}/resources/js/stores/{$name}"))->toBeTrue("{$folder} has no page")
            ->and($pages)->toContain("../stores/{$name}/");
    }
    foreach (Stores::ALL as $store) {
        expect($store::tables())->not->toBe([]);
    }
});

it('finds by itself what no list names', function (string $folder, string $like, string $kind, Closure $listed): void {
    // A newcomer's class in a core of its own, a copy of one that is there: whoever forgets its line is told so.
    $core = sys_get_temp_dir().'/hawkbrush-forgotten-'.getmypid().'/';
    $new = "{$folder}/Forgotten".basename($like);
    @mkdir(dirname($core.$new), recursive: true);
    $code = (string) file_get_contents(dirname(__DIR__, 2)."/core/{$like}.php");
    file_put_contents("{$core}{$new}.php", preg_replace('/class '.basename($like).'\b/', 'class Forgotten'.basename($like), $code));
    require "{$core}{$new}.php";
    $found = madeIn($folder, $kind, $core);
    exec('rm -rf '.escapeshellarg($core));
    expect($found)->toBe(['Hawkbrush\Core\\'.strtr($new, '/', '\\')])
        ->and(array_diff($found, $listed()))->toBe($found);
})->with([
    'a rule' => ['Advice/Rules', 'Advice/Rules/TooThick', Rule::class, fn(): array => classesOf(Advisor::rules())],
    'a calculator' => ['Calculator', 'Calculator/HideCalculator', Calculator::class, fn(): array => classesOf(Calculators::all())],
    'a technique' => ['Technique/Spray', 'Technique/Spray/Spray', Technique::class, fn(): array => classesOf(Techniques::all())],
    'a kind of step' => ['Step/Wait', 'Step/Wait/WaitStep', Step::class, fn(): array => Steps::KINDS],
    'a bench event' => ['Run/Event', 'Run/Event/Noted', BenchEvent::class, fn(): array => BenchEvents::ALL],
    'a change' => ['Change', 'Change/MoveStep', Change::class, fn(): array => Changes::ALL],
]);

it('gives no two of a list one name', function (): void {
    $names = [
        array_map(static fn(Technique $one): string => $one->name(), Techniques::all()),
        array_map(static fn(Rule $one): string => $one->name(), Advisor::rules()),
        array_map(static fn(Calculator $one): string => $one->name(), Calculators::all()),
        Steps::names(),
    ];
    foreach ($names as $of) {
        expect(array_unique($of))->toBe($of);
    }
});

it('knows by name only rules that there are', function (): void {
    $names = array_map(static fn(Rule $one): string => $one->name(), Advisor::rules());
    expect(array_diff(array_merge(...Advisor::ONE_OF), $names))->toBe([]);
});
