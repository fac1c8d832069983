<?php

declare(strict_types=1);

namespace Tests\Api;

use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Tests\Contract;

/** @return list<array{string, string}> method and path of every operation in the contract */
function operations(): array
{
    $operations = [];
    foreach (get_object_vars(Contract::document()->paths) as $path => $methods) {
        foreach (array_keys(get_object_vars($methods)) as $method) {
            $operations[] = [strtoupper($method), $path];
        }
    }

    return $operations;
}

it('serves what the contract names, and nothing beside it', function (): void {
    $served = [];
    foreach (Routes::getRoutes()->getRoutes() as $route) {
        \assert($route instanceof Route);
        if (str_starts_with($route->uri(), 'api/v1/')) {
            $served[] = $route->methods()[0].' '.substr($route->uri(), \strlen('api/v1'));
        }
    }
    $named = array_map(static fn(array $o): string => $o[0].' '.$o[1], operations());
    sort($served);
    sort($named);
    expect($served)->toBe($named);
});

it('takes no write without the header of its own pages', function (string $method, string $path): void {
    $this->json($method, '/api/v1'.str_replace('{id}', 'any', $path), [])
        ->assertForbidden()
        ->assertHeader('Content-Type', 'application/problem+json')
        ->assertJsonPath('status', 403);
})->with(array_values(array_filter(operations(), static fn(array $o): bool => $o[0] !== 'GET')));

it('knows nothing by an id that nobody has', function (string $method, string $path): void {
    $body = ['revision' => 1] + (str_ends_with($path, '/edits') ? ['change' => ['op' => 'remove', 'step' => 'x']] : []);
    $this->json($method, '/api/v1'.str_replace('{id}', '01ARZ3NDEKTSV4RRFFQ69G5FAV', $path), $body, ['X-Hawkbrush' => '1'])
        ->assertNotFound()
        ->assertJsonPath('title', 'There is no such thing');
})->with(array_values(array_filter(operations(), static fn(array $o): bool => str_contains($o[1], '{id}'))));

it('sends strict headers with every answer', function (string $method, string $path): void {
    $response = $this->json($method, '/api/v1'.str_replace('{id}', 'any', $path), [], ['X-Hawkbrush' => '1']);
    expect($response->headers->get('X-Content-Type-Options'))->toBe('nosniff')
        ->and($response->headers->get('Content-Security-Policy'))->toContain("default-src 'self'")
        ->and($response->headers->get('Cross-Origin-Resource-Policy'))->toBe('same-origin');
})->with(operations());
