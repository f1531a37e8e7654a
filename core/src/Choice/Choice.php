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

    /** @return list<string> slugs of the two best of different families; one or none when there are no two */
    public function rotation(): array
    {
        $families = [];
        foreach ($this->proposed as $option) {
            $families[$option->family()] ??= $option->recipe->slug;
        }

        return array_values(array_slice($families, 0, 2));
    }
}
