<?php

declare(strict_types=1);

namespace Tests;

use App\Stores\Bodies\Body;
use App\Stores\Bodies\SaveBody;
use App\Stores\Rack\Paint;
use App\Stores\Rack\SavePaint;
use Hawkbrush\Core\Body\Body as CoreBody;
use Hawkbrush\Core\Node;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Calls the API as the pages do, and holds every answer against contract/openapi.yaml. */
abstract class ApiCase extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        config(['hawkbrush.data' => sys_get_temp_dir().'/hawkbrush-test-'.getmypid()]);
        $this->withoutVite();
    }

    /** @return TestResponse<Response> */
    public function ask(string $path): TestResponse
    {
        return $this->held('get', $path, $this->getJson('/api/v1'.$path));
    }

    /**
     * @param array<string, mixed> $body
     * @param array<string, string> $headers
     *
     * @return TestResponse<Response>
     */
    public function send(string $method, string $path, array $body = [], array $headers = []): TestResponse
    {
        $response = $this->json($method, '/api/v1'.$path, $body, ['X-Hawkbrush' => '1', ...$headers]);
        if ($response->isSuccessful()) {
            Contract::holdRequest(strtolower($method), $path, $body);
        }

        return $this->held($method, $path, $response);
    }

    /**
     * Sends files as a form.
     *
     * @param array<string, mixed> $files
     * @param array<string, string> $headers
     *
     * @return TestResponse<Response>
     */
    public function upload(string $path, array $files, array $headers = []): TestResponse
    {
        $headers = ['X-Hawkbrush' => '1', 'Accept' => 'application/json', ...$headers];

        return $this->held('post', $path, $this->post('/api/v1'.$path, $files, $headers));
    }

    public function body(string $name = 'Test 60', float $length = 60): Body
    {
        $half = $length / 6;

        return app(SaveBody::class)->save(CoreBody::read(Node::root([
            'name' => $name, 'length_mm' => $length, 'exponent' => 2,
            'stations' => [[0, 1, 1, 1], [0.3, $half, $half, $half * 0.6], [0.7, $half * 0.7, $half * 0.7, $half * 0.4], [1, 1, 1, 1]],
            'marks' => ['eye_socket_mm' => $length / 12],
        ])), ['stock' => 10]);
    }

    public function paint(string $name = 'White', string $kind = 'opaque', string $hex = '#f0f0ec', float $left = 20): Paint
    {
        return app(SavePaint::class)->fromForm(Node::root(['name' => $name, 'kind' => $kind, 'hex' => $hex, 'left_ml' => $left]));
    }

    /**
     * A pattern with a prep step and two paint steps, made through the API.
     *
     * @return array{pattern: array<string, mixed>, version: array<string, mixed>}
     */
    public function pattern(): array
    {
        $sheet = $this->send(
            'POST',
            '/patterns',
            ['name' => 'Gudgeon, gravel', 'species' => 'gudgeon', 'body_id' => $this->body()->id, 'prepare' => false],
        )->json();
        $white = $this->paint();
        $moss = $this->paint('Moss', 'transparent', '#4d6340');
        $version = $sheet['version'];
        foreach ([
            ['type' => 'prep', 'title' => 'Wipe', 'task' => 'Wipe with alcohol', 'minutes' => 2],
            $this->coat($white->id, ['title' => 'Base', 'where' => ['zone' => 'whole'], 'coats' => 3, 'weight' => 'heavy']),
            $this->coat($moss->id, ['title' => 'Back', 'where' => ['zone' => 'back'], 'aim_deg' => 0, 'width_mm' => 20]),
        ] as $step) {
            $version = $this->edit($version, ['op' => 'add', 'step' => $step])->assertOk()->json('version');
        }

        return ['pattern' => $sheet['pattern'], 'version' => $version];
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    public function coat(string $paintId, array $more = []): array
    {
        return $more + [
            'type' => 'paint',
            'mix' => [['paint' => $paintId, 'drops' => 1]],
            'technique' => ['name' => 'spray'],
            'where' => ['zone' => 'flank'],
        ];
    }

    /**
     * @param array<string, mixed> $version
     * @param array<string, mixed> $change
     * @param array{key?: string, extends?: string} $keys of this edit, and of the one that it goes on from
     *
     * @return TestResponse<Response>
     */
    public function edit(array $version, array $change, array $keys = []): TestResponse
    {
        return $this->send('POST', "/versions/{$version['id']}/edits", ['revision' => $version['revision'], 'change' => $change, ...$keys]);
    }

    /**
     * A started run of a pattern.
     *
     * @param array<string, mixed> $version
     *
     * @return array<string, mixed>
     */
    public function startedRun(array $version, int $baits = 2): array
    {
        $run = $this->send(
            'POST',
            '/runs',
            ['version_id' => $version['id'], 'baits' => $baits, 'air_c' => 21, 'humidity_percent' => 50],
        )->assertCreated()->json();

        return $this->send('POST', "/runs/{$run['id']}/start")->assertOk()->json();
    }

    /** @return array{array<string, mixed>, array<string, mixed>} the sheet of a new pattern, and its run with every step done, finished */
    public function finishedRun(int $baits = 1): array
    {
        $sheet = $this->pattern();
        $run = $this->startedRun($sheet['version'], $baits);
        $events = [];
        foreach ($run['steps'] as $step) {
            foreach ($step['shown']['for_all'] ? [null] : range(1, $baits) as $bait) {
                $events[] = $this->event('done', $step['document']['id'], $bait);
            }
        }
        $this->send('POST', "/runs/{$run['id']}/events", ['events' => $events])->assertOk();

        return [$sheet, $this->send('POST', "/runs/{$run['id']}/finish")->assertOk()->json()];
    }

    /**
     * @param array<string, mixed> $data
     *
     * @return array<string, mixed>
     */
    public function event(string $type, string $step, ?int $bait = null, array $data = []): array
    {
        return [
            'id' => bin2hex(random_bytes(8)),
            'type' => $type,
            'step' => $step,
            'bait' => $bait,
            'at' => '2026-11-25T10:00:00Z',
            'data' => $data,
        ];
    }

    /**
     * @param TestResponse<Response> $response
     *
     * @return TestResponse<Response>
     */
    private function held(string $method, string $path, TestResponse $response): TestResponse
    {
        Contract::hold(strtolower($method), $path, $response);

        return $response;
    }
}
