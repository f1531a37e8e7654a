<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Notebook\Imprint;
use App\Notebook\KeptAnswers;
use Closure;
use IdleMixer\Core\Habit\Written;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Response;

/**
 * Who goes back to a screen within the same minute is answered what was answered there, as long as nobody has written anything since: the
 * same question has the same answer then, and is not worked out again.
 */
final readonly class KeptWhileUnwritten
{
    private const SECONDS = 60;

    public function __construct(private KeptAnswers $kept, private Imprint $imprint, private ClockInterface $clock) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        // Before anything is read: what somebody writes meanwhile makes another imprint, under which this answer is never found.
        $imprint = $this->imprint->now();
        if ($imprint === null) {
            return $next($request);
        }
        $asked = $request->getRequestUri() . "\0" . Written::code();
        $mark = sha1("{$asked}\0{$imprint}\0" . intdiv($this->clock->now()->getTimestamp(), self::SECONDS));
        $known = $this->kept->find($asked, $mark);
        if ($known !== null) {
            return JsonResponse::fromJsonString($known);
        }
        $response = $next($request);
        if ($response->getStatusCode() === Response::HTTP_OK) {
            $this->kept->keep($asked, $mark, (string) $response->getContent(), self::SECONDS);
        }

        return $response;
    }
}
