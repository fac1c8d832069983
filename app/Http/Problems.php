<?php

declare(strict_types=1);

namespace App\Http;

use App\Devices\DeviceTrouble;
use App\Devices\NotOnACard;
use App\Exceptions\Conflict;
use App\Exceptions\NotNow;
use App\Http\Middleware\AlreadyDone;
use App\Keeping\StorageTrouble;
use Hawkbrush\Core\Refused;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Errors of the API as problem documents (RFC 9457), with JSON Pointers to what is wrong. docs/problems.md lists their types. */
final class Problems
{
    public const TYPE = 'urn:hawkbrush:problem:';

    /** Default type and title of each status. */
    private const TITLES = [
        400 => ['unreadable', 'This request cannot be read'],
        403 => ['not-from-here', 'Not from here'],
        404 => ['unknown', 'There is no such thing'],
        405 => ['not-done-here', 'That cannot be done here'],
        409 => ['stale', 'It has changed meanwhile'],
        413 => ['too-large', 'Too large'],
        415 => ['other-content', 'Another kind of content is needed'],
        422 => ['refused', 'This cannot be worked with'],
        500 => ['broken', 'Something broke here'],
        503 => ['instrument-silent', 'An instrument does not answer'],
    ];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([
            AlreadyDone::class, Refused::class, Conflict::class, NotNow::class, DeviceTrouble::class, NotOnACard::class,
        ]);
        $exceptions->render(static function (\Throwable $e, Request $request): ?JsonResponse {
            if (! str_starts_with($request->getPathInfo(), '/api/')) {
                return null;
            }
            $storage = StorageTrouble::of($e);
            if ($storage !== null) {
                return self::of($storage->status(), $storage->detail(), [], $storage->value, $storage->title(), $storage->retryAfterS());
            }

            return match (true) {
                $e instanceof Refused => self::of(
                    422,
                    $e->getMessage(),
                    ['errors' => [['pointer' => $e->pointer, 'detail' => $e->getMessage()]]],
                ),
                $e instanceof NotOnACard => self::of(409, $e->getMessage(), [], 'not-on-a-card', 'The instrument is not ready'),
                $e instanceof DeviceTrouble => self::of(503, $e->getMessage(), [], $e->type, null, $e->retryAfterS),
                $e instanceof Conflict => self::of(409, $e->getMessage(), ['current' => $e->current, 'yours' => $e->yours]),
                $e instanceof NotNow => self::of($e->status, $e->getMessage(), [], $e->type, $e->title),
                $e instanceof ModelNotFoundException, $e instanceof NotFoundHttpException => self::of(
                    404,
                    'It may have been removed, or the address is mistyped.',
                ),
                $e instanceof PostTooLargeException => self::of(413, 'This is more than can be sent at once. A photograph may have up to 12 MB; make it smaller first.'),
                $e instanceof HttpExceptionInterface => self::of(
                    $e->getStatusCode(),
                    $e->getMessage() !== '' ? $e->getMessage() : 'The request was refused.',
                ),
                default => self::of(
                    500,
                    'Whether it was kept is not certain: look before you do it again. What happened stands in storage/logs.',
                ),
            };
        });
    }

    /**
     * @param array<string, mixed> $more
     * @param string|null $type the last part of its type; null: the one of its status
     * @param int|null $retryAfterS of what may pass soon: when to ask again
     */
    public static function of(
        int $status,
        string $detail,
        array $more = [],
        ?string $type = null,
        ?string $title = null,
        ?int $retryAfterS = null,
    ): JsonResponse {
        [$plainType, $plainTitle] = self::TITLES[$status] ?? ['refused', 'Refused'];

        return new JsonResponse(
            [
                'type' => self::TYPE.($type ?? $plainType),
                'title' => $title ?? $plainTitle,
                'status' => $status,
                'detail' => $detail,
                ...$more,
            ],
            $status,
            ['Content-Type' => 'application/problem+json'] + ($retryAfterS === null ? [] : ['Retry-After' => (string) $retryAfterS]),
            // The refused value is repeated in the message and may hold bytes that are not text.
            JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }
}
