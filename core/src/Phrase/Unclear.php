<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Failure;
use IdleMixer\Core\Words\Say;

/** Stops the reading of a line at the first thing that must be asked about or refused. It never leaves this module. */
final class Unclear extends \RuntimeException implements Failure
{
    private function __construct(public readonly Question|Refusal $what)
    {
        parent::__construct(Say::it('phrase/unclear.this-line-not-clear'));
    }

    public static function becauseOf(Question|Refusal $what): self
    {
        return new self($what);
    }

    public function path(): string
    {
        return '';
    }
}
