<?php

declare(strict_types=1);

namespace IdleMixer\Core\Recipe;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Failure;
use IdleMixer\Core\Words\Say;

/** A slug that no shipped recipe has. */
final class UnknownRecipe extends \OutOfBoundsException implements Failure
{
    private function __construct(string $message, public readonly string $slug)
    {
        parent::__construct($message);
    }

    /** @param list<string> $known */
    public static function becauseNotShipped(string $slug, array $known): self
    {
        $short = mb_substr(mb_scrub($slug), 0, InputLines::LONGEST_ECHO['value']);

        return new self(Say::it('recipe/unknown-recipe.not-shipped', ['short' => $short, 'known' => implode(', ', $known)]), $short);
    }

    public function path(): string
    {
        return '/recipe';
    }
}
