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
 * A write that carries an Idempotency-Key is carried out once; sent again, it gets the same answer. The key is kept in the
 * transaction of the write, so that a server that dies has kept both or neither; the answer follows when it was worked out.
 */
final readonly class OnceOnly
{
    /** How long is waited for the answer of a call that has written already. */
    private const PATIENCE_MS = 10_000;

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
        if (Answer::query()->whereKey($key)->exists()) {
            return self::again($key, $fingerprint);
        }
        $other = false;
        $response = $this->database->withFirst(
            /** @return Response */
            static fn(): mixed => $next($request),
            static function () use ($key, $fingerprint, &$other): void {
                $other = Answer::query()->whereKey($key)->exists();
                if ($other) {
                    throw new AlreadyDone();
                }
                Answer::query()->create(['key' => $key, 'request' => $fingerprint, 'status' => Answer::NONE_YET, 'body' => '']);
            },
        );
        \assert($response instanceof Response);
        if ($other) {
            return self::again($key, $fingerprint);
        }
        if ($response->isSuccessful()) {
            Answer::query()->whereKey($key)->update(['status' => $response->getStatusCode(), 'body' => (string) $response->getContent()]);
        }

        return $response;
    }

    private static function again(string $key, string $fingerprint): JsonResponse
    {
        for ($ms = 0; $ms < self::PATIENCE_MS; $ms += 25) {
            $answer = Answer::query()->findOrFail($key);
            if ($answer->request !== $fingerprint) {
                $new = ['errors' => [['pointer' => '', 'detail' => 'Use a new key.']]];

                return Problems::of(422, 'This Idempotency-Key was used for another request.', $new, 'key-used');
            }
            if ($answer->status !== Answer::NONE_YET) {
                return JsonResponse::fromJsonString($answer->body, $answer->status);
            }
            usleep(25_000);
        }

        return Problems::of(409, 'This was saved, but its answer was lost. Look for it before you do it again.', [], 'answer-lost', 'It was saved already');
    }

    /** What was asked: of a form with a photograph PHP keeps the parts, and not what was sent. */
    private static function fingerprint(Request $request): string
    {
        $files = array_map(
            static fn(mixed $file): string => $file instanceof UploadedFile && $file->isValid()
                ? (string) hash_file('sha256', $file->getPathname()) : '',
            $request->allFiles(),
        );
        $form = $files === [] ? $request->getContent() : json_encode([$request->request->all(), $files], JSON_INVALID_UTF8_SUBSTITUTE);

        return hash('sha256', $request->method().' '.$request->path().' '.$form);
    }
}
