<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Declared\Identities;
use App\Http\RefusedCall;
use App\Records\Kinds;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Addresses that write name records by the UUID under which they were sent; whoever writes is given the row that it is here. */
final class NamedByKey
{
    /** What names a record in an address. */
    public const PATTERN = '[0-9a-fA-F]{8}(?:-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}';

    public const NAMES = ['id', 'plant'];

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $route = $request->route();
        preg_match_all('#([a-z-]+)/\{(' . implode('|', self::NAMES) . ')\}#', $route->uri(), $named, \PREG_SET_ORDER);
        foreach ($named as [, $kind, $name]) {
            $key = $route->parameter($name);
            $route->setParameter($name, (string) $this->row($kind, is_string($key) ? strtolower($key) : ''));
        }

        return $next($request);
    }

    private function row(string $kind, string $key): int
    {
        return (new Identities())->row(Kinds::table($kind), $key) ?? throw RefusedCall::notFound('record', $key);
    }
}
