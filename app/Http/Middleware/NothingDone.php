<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Symfony\Component\HttpFoundation\Response;

/** Ends the transaction of a refused write, so that nothing of it stays, and carries its answer out. */
final class NothingDone extends \RuntimeException
{
    public function __construct(public readonly Response $response)
    {
        parent::__construct('refused');
    }
}
