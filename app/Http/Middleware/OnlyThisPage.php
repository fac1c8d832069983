<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problems;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Keeps other web pages out. The host must be one this application is reached under (a foreign name may have been
 * rebound to loopback), and what writes must carry a header that no foreign page can send without asking first, from
 * the same origin.
 */
final class OnlyThisPage
{
    public const HEADER = 'X-Hawkbrush';

    public function handle(Request $request, \Closure $next): Response
    {
        $host = strtolower((string) preg_replace('/:\d+$/', '', self::host($request)));
        $hosts = config('hawkbrush.hosts');
        if (! \is_array($hosts) || ! \in_array($host, $hosts, true)) {
            return Problems::of(403, 'This address is not one of Hawkbrush’s own.');
        }
        if (! $request->isMethodSafe()) {
            $origin = $request->headers->has('Origin') ? strtolower((string) $request->headers->get('Origin')) : null;
            if ($request->headers->get(self::HEADER) !== '1'
                || ($origin !== null && $origin !== strtolower($request->getSchemeAndHttpHost()))
                || ! \in_array($request->headers->get('Sec-Fetch-Site', 'same-origin'), ['same-origin', 'none'], true)) {
                return Problems::of(403, 'Changes are taken from Hawkbrush’s own pages only.');
            }
        }

        /** @var Response */
        return $next($request);
    }

    /** The name it was asked by: of a server in front of it on this machine, the name that server was asked by. */
    private static function host(Request $request): string
    {
        $forwarded = $request->isFromTrustedProxy() ? $request->headers->get('X-Forwarded-Host') : null;

        return trim(explode(',', $forwarded ?? (string) $request->headers->get('Host'))[0]);
    }
}
