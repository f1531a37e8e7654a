<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Who;
use App\Notebook\InPlace;
use Closure;
use Illuminate\Database\Connection;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Everything that a call writes is kept together or not at all; what it reads first cannot change in between. */
final readonly class InOneTransaction
{
    public function __construct(private Connection $notebook, private InPlace $inPlace, private Who $who) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $this->inPlace->is()) {
            throw $this->inPlace->gone();
        }
        $name = $request->cookies->get('who');
        $this->who->says(is_string($name) ? $name : null);
        $level = $this->notebook->transactionLevel();
        $this->notebook->beginTransaction();
        try {
            // Asked again with the lock in hand: whoever had it before wrote while the file was there.
            $there = $this->inPlace->is();
            if ($there) {
                $response = $next($request);
                // A refusal has become an answer by now: what was written before it is not kept.
                if ($response->getStatusCode() < 400) {
                    $this->notebook->commit();
                }

                return $response;
            }
        } finally {
            $this->notebook->rollBack($level);
        }

        throw $this->inPlace->gone();
    }
}
