<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Middleware\HomeOrPassphrase;
use App\Http\Middleware\Loopback;
use App\Http\Middleware\PassphrasePage;
use App\Http\SignIns;
use App\Passphrase;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets another machine in, a few tries a minute. */
final class PassphraseController
{
    public function __invoke(Request $request, Passphrase $passphrase, SignIns $signIns): Response
    {
        if (Loopback::is($request)) {
            return new RedirectResponse('/');
        }
        $given = $request->request->get('passphrase');
        $let = $signIns->try((string) $request->ip(), static fn(): bool => is_string($given) && $passphrase->matches($given));
        if (is_int($let)) {
            return PassphrasePage::show(429, Say::it('calls/passphrase-controller.too-many-tries-wait-and', ['let' => $let, 'value' => $let === 1 ? 'second' : 'seconds']));
        }
        if (! $let) {
            return PassphrasePage::show(403, Say::it('calls/passphrase-controller.that-not-passphrase-was-set'));
        }
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

        // What this device keeps of the notebook goes with it.
        return new RedirectResponse('/', 303, ['Clear-Site-Data' => '"cache", "storage"']);
    }
}
