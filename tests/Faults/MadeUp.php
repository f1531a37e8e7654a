<?php

declare(strict_types=1);

namespace Tests\Faults;

use Closure;
use RuntimeException;

/** Calls that are made up by a seed, and what no answer to any of them may be. */
final class MadeUp
{
    /** What an answer must never tell. */
    private const TRACES = '#Stack trace|vendor/|SQLSTATE|\.php\b|Undefined|Exception|/work/|/home/#';

    /**
     * @param Closure(Call): Reply $answer
     *
     * @return array<int, int> how many answers of each status
     */
    public static function calls(int $seed, int $calls, Closure $answer): array
    {
        $fuzz = new Fuzz($seed);
        $said = [];
        for ($n = 0; $n < $calls; ++$n) {
            $call = $fuzz->call();
            $reply = $answer($call);
            $said[$reply->status] = ($said[$reply->status] ?? 0) + 1;
            self::mayBe($seed, $call, $reply);
        }

        return $said;
    }

    /** @throws RuntimeException where it is a fault of the server, or tells of its inside */
    public static function mayBe(int $seed, Call $call, Reply $reply): void
    {
        // What one entered oneself may come back; what went wrong inside may not.
        if ($reply->status === 0 || $reply->status >= 500 || preg_match(self::TRACES, $reply->message()) === 1) {
            throw new RuntimeException("Seed {$seed}: {$call->method} {$call->path} " . json_encode($call->body, \JSON_PARTIAL_OUTPUT_ON_ERROR) . " was answered {$reply->status}: " . substr((string) json_encode($reply->json), 0, 600));
        }
    }
}
