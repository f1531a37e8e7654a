<?php

declare(strict_types=1);

namespace App\Http;

use IdleMixer\Core\Words\Say;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** A refusal whose message is meant for the person who asked. */
final class RefusedCall extends HttpException
{
    public static function notFound(string $what, int|string $id): self
    {
        return new self(404, Say::it('calls/refused-call.there-no-may-be-from', ['what' => $what, 'id' => $id]));
    }

    public static function conflict(string $message): self
    {
        return new self(409, $message);
    }
}
