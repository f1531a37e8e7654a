<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Failures;
use App\Notebook\Places;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** While the notebook cannot be opened, every page and call says why, and the way back. */
final readonly class OnlySoundNotebook
{
    public function __construct(private Places $places) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $why = $this->places->refused();
        if ($why === null) {
            return $next($request);
        }

        return $request->is('api/*') ? Failures::answer(503, '', $why) : RefusedPage::show($why);
    }
}
