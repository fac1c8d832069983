<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Database\WriteFirstConnection;
use App\Http\Problems;
use App\Models\Answer;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\Response;

/**
 * A write that carries an Idempotency-Key is carried out once; sent again, it gets the same answer. Key, write and
 * answer are kept in one transaction: the same key at the same time waits for the first before it writes, and a server that
 * dies in between has kept neither.
 */
final readonly class OnceOnly
{
    public function __construct(private WriteFirstConnection $database) {}

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
        $fingerprint = self::fingerprint($request);
        $there = Answer::query()->find($key);
        try {
            return $there !== null ? self::again($there, $fingerprint) : $this->database->asOne(
                static function () use ($request, $next, $key, $fingerprint, &$there): Response {
                    /** @var Response $response */
                    $response = $next($request);
                    if (! $response->isSuccessful()) {
                        /** @var Answer|null $there found meanwhile */
                        throw new NothingDone($there === null ? $response : self::again($there, $fingerprint));
                    }
                    Answer::query()->create([
                        'key' => $key,
                        'request' => $fingerprint,
                        'status' => $response->getStatusCode(),
                        'body' => (string) $response->getContent(),
                    ]);

                    return $response;
                },
                static function () use ($key, &$there): void {
                    $there = Answer::query()->find($key);
                    if ($there !== null) {
                        throw new AlreadyDone();
                    }
                },
            );
        } catch (NothingDone $nothing) {
            return $nothing->response;
        }
    }

    private static function again(Answer $answer, string $fingerprint): JsonResponse
    {
        return $answer->request === $fingerprint
            ? JsonResponse::fromJsonString($answer->body, $answer->status)
            : Problems::of(
                422,
                'This Idempotency-Key was used for another request.',
                ['errors' => [['pointer' => '', 'detail' => 'Use a new key.']]],
                'key-used',
            );
    }

    /** What was asked: of a form with a photograph PHP keeps the parts, and not what was sent. */
    private static function fingerprint(Request $request): string
    {
        $files = array_map(
            static fn(mixed $file): string => $file instanceof UploadedFile && $file->isValid() ? (string) hash_file('sha256', $file->getPathname()) : '',
            $request->allFiles(),
        );
        $form = $files === [] ? $request->getContent() : json_encode([$request->request->all(), $files], JSON_INVALID_UTF8_SUBSTITUTE);

        return hash('sha256', $request->method().' '.$request->path().' '.$form);
    }
}
