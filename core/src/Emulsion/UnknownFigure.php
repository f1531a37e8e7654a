<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

use IdleMixer\Core\Failure;
use IdleMixer\Core\Words\Say;

/** A number that the emulsion model does not have. */
final class UnknownFigure extends \OutOfBoundsException implements Failure
{
    private function __construct(string $message, public readonly string $name)
    {
        parent::__construct($message);
    }

    public static function becauseNotListed(string $name): self
    {
        return new self(Say::it('emulsion/unknown-figure.not-listed', ['name' => $name]), $name);
    }

    public function path(): string
    {
        return '';
    }
}
