<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

use IdleMixer\Core\Failure;

/** A number that the emulsion model does not have. */
final class UnknownFigure extends \OutOfBoundsException implements Failure
{
    private function __construct(string $message, public readonly string $name)
    {
        parent::__construct($message);
    }

    public static function becauseNotListed(string $name): self
    {
        return new self("The emulsion model has no figure “{$name}”.", $name);
    }

    public function path(): string
    {
        return '';
    }
}
