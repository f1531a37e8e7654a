<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Middleware\HomeOrPassphrase;
use App\Http\Middleware\Loopback;
use App\Http\Middleware\PassphrasePage;
use App\Passphrase;
use Illuminate\Cache\RateLimiter;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets another machine in, a few tries a minute. */
final class PassphraseController
{
    private const TRIES = 5;

    private const SECONDS = 60;

    public function __invoke(Request $request, Passphrase $passphrase, RateLimiter $limiter): Response
    {
        if (Loopback::is($request)) {
            return new RedirectResponse('/');
        }
        $key = 'passphrase:' . (string) $request->ip();
        if ($limiter->tooManyAttempts($key, self::TRIES)) {
            return PassphrasePage::show(429, "Too many tries. Wait {$limiter->availableIn($key)} seconds and try again.");
        }
        $given = $request->request->get('passphrase');
        if (! is_string($given) || ! $passphrase->matches($given)) {
            $limiter->hit($key, self::SECONDS);

            return PassphrasePage::show(403, 'That is not the passphrase. It was set on the machine that serves, with ./start --passphrase.');
        }
        $limiter->clear($key);
        $request->session()->regenerate();
        $request->session()->put(HomeOrPassphrase::SESSION_KEY, $passphrase->mark());

        return new RedirectResponse('/', 303);
    }

    /** Locks this device again; whoever wants in enters the passphrase anew. */
    public function forget(Request $request): Response
    {
        if ($request->hasSession()) {
            $request->session()->invalidate();
        }

        return new RedirectResponse('/', 303);
    }
}
