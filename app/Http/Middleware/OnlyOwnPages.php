<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Failures;
use Closure;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Refuses calls that another site's page makes through the visitor's browser: a foreign Origin, or, on this machine,
 * a host name that is not this machine's (a name that was pointed at 127.0.0.1).
 */
final class OnlyOwnPages
{
    /** Any address of this machine by itself: no name can be pointed there by somebody else. */
    private const OWN_ADDRESS = '/\A127(?:\.\d{1,3}){3}\z/';

    private const OWN_NAMES = ['127.0.0.1', 'localhost', '[::1]'];

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (Loopback::is($request) && ! in_array($request->getHost(), self::OWN_NAMES, true) && preg_match(self::OWN_ADDRESS, $request->getHost()) !== 1) {
            return Failures::answer(403, '', Say::it('calls/only-own-pages.on-this-machine-application-at'));
        }
        $origin = $request->headers->get('Origin');
        if ($origin !== null && ! $request->isMethodSafe() && $origin !== $request->getSchemeAndHttpHost()) {
            return Failures::answer(403, '', Say::it('calls/only-own-pages.this-call-comes-from-page'));
        }

        return $next($request);
    }
}
