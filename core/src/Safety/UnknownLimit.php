<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Failure;
use IdleMixer\Core\Words\Say;

/** A limit that is not in the catalogue. */
final class UnknownLimit extends \OutOfBoundsException implements Failure
{
    private function __construct(string $message, public readonly string $limit)
    {
        parent::__construct($message);
    }

    public static function becauseNotListed(string $code): self
    {
        return new self(Say::it('safety/unknown-limit.not-listed', ['code' => $code]), $code);
    }

    public function path(): string
    {
        return '';
    }
}
