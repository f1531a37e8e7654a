<?php

declare(strict_types=1);

namespace IdleMixer\Core\Words;

use IdleMixer\Core\Failure;

/** A code that no sentence was written for. */
final class MissingWords extends \LogicException implements Failure
{
    private function __construct(string $message, public readonly string $key)
    {
        parent::__construct($message);
    }

    public static function becauseOf(string $key): self
    {
        return new self("There is no wording for “{$key}”.", $key);
    }

    public function path(): string
    {
        return '';
    }
}
