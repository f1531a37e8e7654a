<?php

declare(strict_types=1);

namespace Tests\Faults;

/** A call that nothing, or something else than “saved”, came back for. */
final class NotAcknowledged extends \RuntimeException
{
    public function __construct(public readonly Call $call, public readonly Reply $reply)
    {
        parent::__construct("{$call->method} {$call->path}: {$reply->status} {$reply->message()}");
    }
}
