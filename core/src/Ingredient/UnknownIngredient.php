<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ingredient;

use IdleMixer\Core\Failure;

/** An ingredient that is not in the catalogue. */
final class UnknownIngredient extends \OutOfBoundsException implements Failure
{
    private function __construct(string $message, public readonly string $slug)
    {
        parent::__construct($message);
    }

    /** @param list<string> $known */
    public static function becauseNotListed(string $slug, array $known): self
    {
        return new self("“{$slug}” is no known ingredient; known are " . implode(', ', $known) . '.', $slug);
    }

    public function path(): string
    {
        return '';
    }
}
