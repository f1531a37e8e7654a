<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Records\Reading;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A call that only reads reckons each thing once. */
final readonly class ReadsOnce
{
    public function __construct(private Reading $reading) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        return $request->isMethodSafe() ? $this->reading->during(static fn(): Response => $next($request)) : $next($request);
    }
}
