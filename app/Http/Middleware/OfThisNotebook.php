<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Failures;
use App\Notebook\Places;
use Closure;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Every answer says which notebook it is of. What is to be written into another one is not written: row numbers go on from an
 * earlier time in a notebook that was restored, and what waited on a device would land in another record.
 */
final readonly class OfThisNotebook
{
    public const HEADER = 'Notebook-Mark';

    public function __construct(private Places $places) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $mark = $this->places->opened()->notebook ?? '';
        $meant = $request->headers->get(self::HEADER, '');
        $response = $meant === '' || $meant === $mark || $request->isMethodSafe()
            ? $next($request)
            : Failures::answer(409, '/mark', Say::it('calls/of-this-notebook.another-notebook'));
        if ($mark !== '') {
            $response->headers->set(self::HEADER, $mark);
        }

        return $response;
    }
}
