<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

/** Which of the sprays that fit comes next: the partner in turn of the one that was sprayed last, or the best. */
final readonly class NextSpray
{
    /**
     * @param string|null $last slug of the recipe that was sprayed last; null before the first round
     *
     * @return Option|null null where no spray fits
     */
    public static function of(Choice $choice, ?string $last): ?Option
    {
        $turn = $choice->rotation();
        $wanted = count($turn) === 2 && in_array($last, $turn, true) ? $turn[$last === $turn[0] ? 1 : 0] : null;
        foreach ($choice->proposed as $option) {
            if ($wanted === null || $option->recipe->slug === $wanted) {
                return $option;
            }
        }

        return null;
    }
}
