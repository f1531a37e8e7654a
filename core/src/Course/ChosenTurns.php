<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

/** What the gardener chose to spray from here on: two in turn, or another by itself. Common practice, no source. */
final readonly class ChosenTurns
{
    /**
     * @param non-empty-list<string> $slugs in turn, the first of them to begin with
     * @param int                    $had   rounds that had been had when it was chosen
     */
    public function __construct(public array $slugs, public int $had) {}

    /**
     * @param list<string> $rounds slugs of what was sprayed from the first round on
     *
     * @return list<string> what takes turns now, the next first; none where something else was sprayed since
     */
    public function now(array $rounds): array
    {
        return self::after($this->slugs, array_slice($rounds, $this->had));
    }

    /**
     * @param non-empty-list<string> $chosen
     * @param list<string>           $since  slugs of what was sprayed since, earliest first
     *
     * @return list<string> the next first; none where something else was sprayed since
     */
    public static function after(array $chosen, array $since): array
    {
        if (array_diff($since, $chosen) !== []) {
            return [];
        }
        $last = $since === [] ? -1 : (int) array_search($since[count($since) - 1], $chosen, true);

        return [...array_slice($chosen, $last + 1), ...array_slice($chosen, 0, $last + 1)];
    }
}
