<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

use IdleMixer\Core\Failure;
use IdleMixer\Core\Words\Say;

/** A natural enemy that is not in the catalogue. */
final class UnknownEnemy extends \OutOfBoundsException implements Failure
{
    private function __construct(string $message, public readonly string $slug)
    {
        parent::__construct($message);
    }

    /** @param list<string> $known */
    public static function becauseNotListed(string $slug, array $known): self
    {
        return new self(Say::it('trouble/unknown-enemy.not-listed', ['slug' => $slug, 'known' => implode(', ', $known)]), $slug);
    }

    public function path(): string
    {
        return '/seen';
    }
}
