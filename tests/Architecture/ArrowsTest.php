<?php

declare(strict_types=1);

use Hawkbrush\Core\Step\Steps;
use Hawkbrush\Core\Technique\Techniques;

// Arrows point one way; see docs/decisions.

arch('everything is strict')->expect(['Hawkbrush\Core', 'App', 'Database\Seeders', 'Tests'])->toUseStrictTypes();

arch('the core knows no framework and no clock')
    ->expect('Hawkbrush\Core')
    ->not->toUse([
        'Illuminate',
        'App',
        'Symfony',
        'Carbon',
        'file_get_contents',
        'file_put_contents',
        'fopen',
        'time',
        'date',
        'microtime',
        'rand',
        'mt_rand',
        'getenv',
        'config',
        'env',
    ]);

arch('classes of the core are final or abstract')->expect('Hawkbrush\Core')->classes()->toBeFinal()->ignoring([
    'Hawkbrush\Core\Run\BenchEvent',
    'Hawkbrush\Core\Step\Step',
    'Hawkbrush\Core\Step\WithoutCoat',
    'Hawkbrush\Core\Step\WholeBait',
    'Hawkbrush\Core\Step\BenchWork',
    'Hawkbrush\Core\Step\TaskWork',
    'Hawkbrush\Core\Technique\HandMarks',
    'Hawkbrush\Core\Technique\Stencil',
    'Hawkbrush\Core\Technique\ByHand',
    'Hawkbrush\Core\Technique\FreeHand',
    'Hawkbrush\Core\Technique\ByPen',
    'Hawkbrush\Core\Technique\CutSheet',
]);

arch('colour stands alone, but for how it is read')->expect('Hawkbrush\Core\Colour')->toOnlyUse([
    'Hawkbrush\Core\Colour',
    'Hawkbrush\Core\Node',
    'Hawkbrush\Core\Refused',
]);

arch('documents know nothing of the job')->expect('Hawkbrush\Core\Document')->toOnlyUse([
    'Hawkbrush\Core\Document',
    'Hawkbrush\Core\Node',
    'Hawkbrush\Core\Refused',
]);

arch('film stands on colour')->expect('Hawkbrush\Core\Film')->toOnlyUse([
    'Hawkbrush\Core\Film',
    'Hawkbrush\Core\Colour',
    'Hawkbrush\Core\Node',
    'Hawkbrush\Core\Refused',
]);

arch('body knows no paint')->expect('Hawkbrush\Core\Body')->toOnlyUse([
    'Hawkbrush\Core\Body',
    'Hawkbrush\Core\Colour',
    'Hawkbrush\Core\Document',
    'Hawkbrush\Core\Node',
    'Hawkbrush\Core\Refused',
]);

arch('flat shapes know nothing of baits')->expect('Hawkbrush\Core\Flat')->toOnlyUse([
    'Hawkbrush\Core\Flat',
    'Hawkbrush\Core\Refused',
    'DOMDocument',
    'DOMElement',
]);

arch('a technique knows the body and flat shapes only')->expect('Hawkbrush\Core\Technique')
    ->toOnlyUse([
        'Hawkbrush\Core\Technique',
        'Hawkbrush\Core\Body',
        'Hawkbrush\Core\Flat',
        'Hawkbrush\Core\Node',
        'Hawkbrush\Core\Refused',
        'Random\Randomizer',
        'Random\Engine\Xoshiro256StarStar',
    ]);

arch('no technique is known by name outside its list')
    ->expect(array_map(get_class(...), Techniques::all()))
    ->toOnlyBeUsedIn('Hawkbrush\Core\Technique');

arch('no kind of step is known by name outside its list')
    ->expect(Steps::KINDS)
    ->toOnlyBeUsedIn('Hawkbrush\Core\Step');
arch('a coat knows neither steps nor recipes')->expect('Hawkbrush\Core\Coat')->not->toUse([
    'Hawkbrush\Core\Step\Step',
    'Hawkbrush\Core\Step\WithoutCoat',
    'Hawkbrush\Core\Step\BenchWork',
    'Hawkbrush\Core\Step\TaskWork',
    'Hawkbrush\Core\Step\WithoutCoat',
    'Hawkbrush\Core\Step\BenchWork',
    'Hawkbrush\Core\Step\TaskWork',
    'Hawkbrush\Core\Pattern',
    'Hawkbrush\Core\Render',
    'Hawkbrush\Core\Run',
    'Hawkbrush\Core\Exchange',
]);
arch('a step knows nothing of recipes, drawing, runs, advice and files')->expect('Hawkbrush\Core\Step')
    ->not->toUse([
        'Hawkbrush\Core\Pattern',
        'Hawkbrush\Core\Render',
        'Hawkbrush\Core\Run',
        'Hawkbrush\Core\Advice',
        'Hawkbrush\Core\Exchange',
    ]);
arch('drawing knows nothing of runs and advice')->expect('Hawkbrush\Core\Render')->not->toUse([
    'Hawkbrush\Core\Run',
    'Hawkbrush\Core\Advice',
    'Hawkbrush\Core\Exchange',
]);

arch('a change knows nothing of runs, advice and files')->expect('Hawkbrush\Core\Change')->not->toUse([
    'Hawkbrush\Core\Run',
    'Hawkbrush\Core\Advice',
    'Hawkbrush\Core\Exchange',
]);

arch('mixing, comparing and replacing know nothing of runs, advice and files')->expect([
    'Hawkbrush\Core\Mix',
    'Hawkbrush\Core\Compare',
    'Hawkbrush\Core\Replace',
])
    ->not->toUse(['Hawkbrush\Core\Run', 'Hawkbrush\Core\Advice', 'Hawkbrush\Core\Exchange']);

arch('air, order and the shop know nothing of runs, advice and files')->expect([
    'Hawkbrush\Core\Air',
    'Hawkbrush\Core\Order',
    'Hawkbrush\Core\Shop',
])
    ->not->toUse(['Hawkbrush\Core\Run', 'Hawkbrush\Core\Advice', 'Hawkbrush\Core\Exchange']);

arch('instruments know the core and nothing of the application')->expect('App\Devices')->not->toUse([
    'Illuminate',
    'App\Models',
    'App\Actions',
    'App\Http',
]);

arch('actions know nothing of requests')->expect('App\Actions')->not->toUse('App\Http');
arch('presenters know models and the core')->expect('App\Present')->not->toUse(['App\Http', 'App\Actions']);
arch('models know the core')->expect('App\Models')->not->toUse(['App\Http', 'App\Actions', 'App\Present']);
arch('calculators are doors, not helpers')->expect('Hawkbrush\Core\Calculator')->not->toBeUsedIn('App');
arch('controllers leave the database to actions and models')->expect('App\Http\Controllers')->not->toUse(['Illuminate\Support\Facades\DB']);

it('asks in a store for a request only where it is answered', function (): void {
    $wrong = [];
    foreach (glob(dirname(__DIR__, 2).'/app/Stores/*/*.php') ?: [] as $file) {
        $code = (string) file_get_contents($file);
        $answers = str_ends_with($file, 'Controller.php');
        $routes = str_contains($code, 'implements Store');
        if (($answers && str_contains($code, 'Facades\DB')) || (! $answers && ! $routes && str_contains($code, 'use App\Http'))) {
            $wrong[] = basename(dirname($file)).'/'.basename($file);
        }
    }
    expect($wrong)->toBe([]);
});

arch('nothing is left lying about')->expect(['dd', 'dump', 'var_dump', 'ray', 'eval', 'exec', 'shell_exec'])->not->toBeUsed();
