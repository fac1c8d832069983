<?php

declare(strict_types=1);

namespace App\Http;

use App\Devices\DeviceTrouble;
use Hawkbrush\Core\Refused;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Errors of the API as problem documents (RFC 9457), with JSON Pointers to what is wrong. */
final class Problems
{
    private const TITLES = [
        400 => 'This request cannot be read',
        403 => 'Not from here',
        404 => 'There is no such thing',
        405 => 'That cannot be done here',
        409 => 'It has changed meanwhile',
        413 => 'Too large',
        415 => 'Another kind of content is needed',
        422 => 'This cannot be worked with',
        500 => 'Something broke here',
        503 => 'An instrument does not answer',
    ];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([Refused::class, Conflict::class, DeviceTrouble::class]);
        $exceptions->render(static function (\Throwable $e, Request $request): ?JsonResponse {
            if (! str_starts_with($request->getPathInfo(), '/api/')) {
                return null;
            }

            return match (true) {
                $e instanceof Refused => self::of(422, $e->getMessage(), ['errors' => [['pointer' => $e->pointer, 'detail' => $e->getMessage()]]]),
                $e instanceof DeviceTrouble => self::of(503, $e->getMessage()),
                $e instanceof Conflict => self::of(409, $e->getMessage(), ['current' => $e->current, 'yours' => $e->yours]),
                $e instanceof ModelNotFoundException, $e instanceof NotFoundHttpException => self::of(404, 'It may have been removed, or the address is mistyped.'),
                $e instanceof PostTooLargeException => self::of(413, 'This is more than can be sent at once. A photograph may have up to 12 MB; make it smaller first.'),
                $e instanceof HttpExceptionInterface => self::of($e->getStatusCode(), $e->getMessage() !== '' ? $e->getMessage() : 'The request was refused.'),
                default => self::of(500, 'Nothing was changed. The details are in storage/logs.'),
            };
        });
    }

    /** @param array<string, mixed> $more */
    public static function of(int $status, string $detail, array $more = []): JsonResponse
    {
        return new JsonResponse(
            ['type' => 'about:blank', 'title' => self::TITLES[$status] ?? 'Refused', 'status' => $status, 'detail' => $detail, ...$more],
            $status,
            ['Content-Type' => 'application/problem+json'],
            // What is refused is said again, and may be anything: bytes that are no text, too.
            JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }
}
