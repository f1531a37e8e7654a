<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

/** What to do about a trouble: whether to spray at all, what helps beside it, three sprays at most, and what was passed over. */
final readonly class Advice
{
    /**
     * @param list<ContainmentStep>              $steps   by hand, in the order of the work
     * @param list<Help>                         $beside  what is got or bought
     * @param list<Option>                       $sprays  three at most, that can be made now, best first
     * @param list<Option>                       $others  that fit as well, best first
     * @param array<string, PassedOver>          $passed  why each of the others is none of the three, by slug
     * @param list<Option>                       $excluded
     * @param Option|null                        $missing one that would be better than the first, and for which something is missing
     * @param array<string, array<string, int>>  $hurt    days for which a spray hurts enemies that were seen, by slug of the spray and the enemy
     */
    public function __construct(
        public Whether $whether,
        public array $steps,
        public array $beside,
        public array $sprays,
        public array $others,
        public array $passed,
        public array $excluded,
        public ?Option $missing,
        public array $hurt,
    ) {}

    /** @return list<string> slugs of the two best of the three that work in different ways; none where there are no two */
    public function rotation(): array
    {
        $families = [];
        foreach ($this->sprays as $option) {
            $families[$option->family()] ??= $option->recipe->slug;
        }

        return count($families) < 2 ? [] : array_values(array_slice($families, 0, 2));
    }
}
