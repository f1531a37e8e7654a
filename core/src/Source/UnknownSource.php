<?php

declare(strict_types=1);

namespace IdleMixer\Core\Source;

use IdleMixer\Core\Failure;

/** A catalogue row that names a source nobody listed. */
final class UnknownSource extends \OutOfBoundsException implements Failure
{
    private function __construct(string $message, public readonly string $key)
    {
        parent::__construct($message);
    }

    public static function becauseNotListed(string $key): self
    {
        return new self("There is no source “{$key}” in the catalogue of sources.", $key);
    }

    public function path(): string
    {
        return '';
    }
}
