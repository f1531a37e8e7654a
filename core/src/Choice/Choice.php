<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

/** The sprays that fit, best first, and the others with the reasons against each. */
final readonly class Choice
{
    /**
     * @param list<Option> $proposed best first
     * @param list<Option> $excluded
     */
    public function __construct(public array $proposed, public array $excluded) {}
}
