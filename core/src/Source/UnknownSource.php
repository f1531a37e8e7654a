<?php

declare(strict_types=1);

namespace IdleMixer\Core\Source;

use IdleMixer\Core\Failure;
use IdleMixer\Core\Words\Say;

/** A catalogue row that names a source nobody listed. */
final class UnknownSource extends \OutOfBoundsException implements Failure
{
    private function __construct(string $message, public readonly string $key)
    {
        parent::__construct($message);
    }

    public static function becauseNotListed(string $key): self
    {
        return new self(Say::it('source/unknown-source.not-listed', ['key' => $key]), $key);
    }

    public function path(): string
    {
        return '';
    }
}
