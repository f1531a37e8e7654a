<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\HttpKernel\Exception\HttpException;

/** A refusal whose message is meant for the person who asked. */
final class RefusedCall extends HttpException
{
    public static function notFound(string $what, int|string $id): self
    {
        return new self(404, "There is no {$what} {$id}. It may be from another notebook, or the address is mistyped.");
    }

    public static function conflict(string $message): self
    {
        return new self(409, $message);
    }
}
