<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Failures;
use App\Passphrase;
use Closure;
use IdleMixer\Core\Words\Say;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Http\Request;
use Illuminate\Pipeline\Pipeline;
use Illuminate\Session\Middleware\StartSession;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets this machine in as it is, and any other only with the passphrase. The session that this takes is opened for
 * other machines alone, so that pure computation on this one stays quick.
 */
final readonly class HomeOrPassphrase
{
    public const SESSION_KEY = 'passphrase-of';

    public function __construct(private Pipeline $pipeline, private Passphrase $passphrase, private Repository $config) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (Loopback::is($request)) {
            return $next($request);
        }
        if (! $this->passphrase->isSet()) {
            return Failures::answer(403, '', Say::it('calls/home-or-passphrase.other-machines-are-let-in'));
        }

        // A calendar program enters no passphrase: it has a key of its own in the address.
        if ($request->isMethod('GET') && $request->is('calendar/*.ics')) {
            return $next($request);
        }

        // Whoever brings no session and asks for none gets none: no file is written for every knock.
        if (! $request->cookies->has($this->cookie()) && ! $this->isEntering($request)) {
            return self::asked($request);
        }

        // What came encrypted never goes back in the clear.
        $this->config->set('session.secure', $request->isSecure());
        $response = $this->pipeline
            ->send($request)
            ->through([EncryptCookies::class, AddQueuedCookiesToResponse::class, StartSession::class])
            ->then(fn(Request $request): Response => $this->guarded($request, $next));
        assert($response instanceof Response);
        if ($request->hasSession() && $request->session()->get(self::SESSION_KEY) !== $this->passphrase->mark()) {
            // Who did not get in leaves nothing behind.
            $request->session()->getHandler()->destroy($request->session()->getId());
            $response->headers->removeCookie($this->cookie());
        }

        return $response;
    }

    private function cookie(): string
    {
        $name = $this->config->get('session.cookie');

        return is_string($name) ? $name : '';
    }

    private function isEntering(Request $request): bool
    {
        return $request->isMethod('POST') && $request->is('passphrase');
    }

    /** @param Closure(Request): Response $next */
    private function guarded(Request $request, Closure $next): Response
    {
        $known = $request->session()->get(self::SESSION_KEY) === $this->passphrase->mark();
        return $known || $this->isEntering($request) ? $next($request) : self::asked($request);
    }

    private static function asked(Request $request): Response
    {
        if ($request->is('api/*')) {
            return Failures::answer(401, '', Say::it('calls/home-or-passphrase.passphrase-needed-open-first-page'));
        }

        return PassphrasePage::show(401, '');
    }
}
