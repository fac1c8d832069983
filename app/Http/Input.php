<?php

declare(strict_types=1);

namespace App\Http;

use Hawkbrush\Core\Node;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** The JSON body of a request as a {@see Node}, so that all that is wrong in it is refused with a pointer. */
final class Input
{
    private const MOST_BYTES = 1024 * 1024;

    public static function of(Request $request, int $most = self::MOST_BYTES): Node
    {
        if (! $request->isJson()) {
            throw new HttpException(415, 'Send it as JSON (Content-Type: application/json).');
        }
        if (\strlen($request->getContent()) > $most) {
            throw new HttpException(413, \sprintf('No more than %d kB fit in this request.', intdiv($most, 1024)));
        }

        return Node::fromJson($request->getContent());
    }

    /** The query string of a list: texts only, "0012" is looked for as it stands. */
    public static function ofList(Request $request): Node
    {
        return Node::root($request->query->all());
    }

    /** The query string; everything in it is text, numbers are read from it. */
    public static function query(Request $request): Node
    {
        return Node::root(array_map(
            static fn(mixed $value): mixed => \is_string($value) && is_numeric($value) ? $value + 0 : $value,
            $request->query->all(),
        ));
    }
}
