<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Records\Kitchenware;
use Closure;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Habit\Habits;
use IdleMixer\Core\Habit\Written;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Sentences are written as this household writes; where it never said, as the device that asks proposes. */
final readonly class AsHouseholdWrites
{
    public const COOKIE = 'writes';

    public function __construct(private Kitchenware $kitchenware) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $proposed = $request->cookies->get(self::COOKIE);
        Written::by($this->chosen() ?? (is_string($proposed) ? Habits::ofCode($proposed) : null));

        return $next($request);
    }

    /** A notebook that cannot be read says so where it is asked for more than how it writes. */
    private function chosen(): ?Habits
    {
        try {
            return $this->kitchenware->habits();
        } catch (InvalidDocument|QueryException) {
            return null;
        }
    }
}
