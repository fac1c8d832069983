<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problems;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;

/**
 * Answers under its own names only: a page of another name may have had that name rebound to this machine, and its scripts
 * may send any header but Host. So Host is always checked. What a server in front says of the name it was asked by is
 * believed only for names in HAWKBRUSH_HOSTS; for any other, all that was forwarded is dropped.
 */
final class OwnName
{
    /** What a browser on this machine calls it. */
    private const LOCAL = ['localhost', '127.0.0.1', '[::1]'];

    /** All by which a server in front can pass on what it was asked, believed by the framework or not. */
    private const FORWARDED = [
        'Forwarded', 'X-Forwarded-For', 'X-Forwarded-Host', 'X-Forwarded-Port', 'X-Forwarded-Prefix', 'X-Forwarded-Proto',
        'X-Forwarded-Server', 'X-Forwarded-Ssl', 'X-Host', 'X-HTTP-Host-Override', 'X-Original-Host', 'X-Original-URL', 'X-Rewrite-URL',
    ];

    public function handle(Request $request, \Closure $next): Response
    {
        /** @var list<string> $named */
        $named = config()->array('hawkbrush.hosts');
        $host = self::name((string) $request->headers->get('Host'));
        $forwarded = self::forwarded($request);
        if (array_diff([$host, ...$forwarded], self::LOCAL, $named) !== []) {
            return Problems::of(403, 'This address is not one of Hawkbrush’s own. If it should be, name it in HAWKBRUSH_HOSTS.');
        }
        if (array_diff($forwarded === [] ? [$host] : $forwarded, $named) !== []) {
            array_map($request->headers->remove(...), self::FORWARDED);
        }

        /** @var Response */
        return $next($request);
    }

    /** @return list<string> all names that a server in front says it was asked by */
    private static function forwarded(Request $request): array
    {
        $names = [];
        foreach (['X-Forwarded-Host', 'X-Original-Host', 'X-Host', 'X-HTTP-Host-Override'] as $header) {
            foreach ($request->headers->all(strtolower($header)) as $line) {
                array_push($names, ...explode(',', (string) $line));
            }
        }
        // RFC 7239: host=name within lists of pairs.
        foreach ($request->headers->all('forwarded') as $line) {
            foreach (HeaderUtils::split((string) $line, ',;=') as $pairs) {
                foreach (\is_array($pairs) ? $pairs : [] as $pair) {
                    if (\is_array($pair) && \is_string($pair[0] ?? null) && strtolower($pair[0]) === 'host') {
                        $names[] = \is_string($pair[1] ?? null) ? $pair[1] : '';
                    }
                }
            }
        }

        return array_map(self::name(...), $names);
    }

    /** Without its port and the point that may end it, in small letters. */
    private static function name(string $host): string
    {
        return rtrim(strtolower((string) preg_replace('/:\d+$/', '', trim($host))), '.');
    }
}
