<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problems;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Keeps other web pages out: what writes must carry a header that no foreign page can send without asking first, from the same origin. */
final class OnlyThisPage
{
    public const HEADER = 'X-Hawkbrush';

    public function handle(Request $request, \Closure $next): Response
    {
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
}
