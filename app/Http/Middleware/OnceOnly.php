<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problems;
use App\Models\Answer;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * A write that carries an Idempotency-Key is carried out once; sent again, it gets the same answer. Key, write and
 * answer are kept in one transaction that holds the write lock from its beginning: the same key at the same time waits
 * for the first, and a server that dies in between has kept neither.
 */
final class OnceOnly
{
    public function handle(Request $request, \Closure $next): Response
    {
        $key = $request->headers->get('Idempotency-Key');
        if ($key === null) {
            /** @var Response */
            return $next($request);
        }
        if (preg_match('/^[0-9A-Za-z-]{8,80}$/', $key) !== 1) {
            return Problems::of(400, 'An Idempotency-Key is 8 to 80 letters, digits and -.');
        }
        $fingerprint = hash('sha256', $request->method().' '.$request->path().' '.$request->getContent());
        try {
            return DB::transaction(static function () use ($request, $next, $key, $fingerprint): Response {
                $answer = Answer::query()->find($key);
                if ($answer !== null) {
                    return $answer->request === $fingerprint
                        ? JsonResponse::fromJsonString($answer->body, $answer->status)
                        : Problems::of(
                            422,
                            'This Idempotency-Key was used for another request.',
                            ['errors' => [['pointer' => '', 'detail' => 'Use a new key.']]],
                            'key-used',
                        );
                }
                /** @var Response $response */
                $response = $next($request);
                if (! $response->isSuccessful()) {
                    throw new NothingDone($response);
                }
                Answer::query()->create([
                    'key' => $key,
                    'request' => $fingerprint,
                    'status' => $response->getStatusCode(),
                    'body' => (string) $response->getContent(),
                ]);

                return $response;
            });
        } catch (NothingDone $nothing) {
            return $nothing->response;
        }
    }
}
