<?php

declare(strict_types=1);

namespace Tests\Faults;

use Generator;

/** A device that writes as fast as it is answered. */
final class Visitor
{
    /** @var list<string> */
    public array $refused = [];

    public float $longest = 0.0;

    public function __construct(private readonly int $number, private readonly Bed $bed) {}

    /** @return Generator<mixed, Call, Reply, mixed> */
    public function writes(int $times): Generator
    {
        for ($n = 0; $n < $times; ++$n) {
            $call = $this->bed->write($this->number, $n + $this->number);
            $began = microtime(true);
            $reply = yield $call;
            $this->longest = max($this->longest, microtime(true) - $began);
            if (! $reply->acknowledged()) {
                $this->refused[] = "{$call->method} {$call->path}: {$reply->status} {$reply->message()}";
            }
        }
    }
}
