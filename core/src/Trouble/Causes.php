<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

use IdleMixer\Core\Data\TroubleLines;

/** Which causes are weighed for what was seen: every trouble by itself, and where none of them explains it, the fewest that do together. */
final readonly class Causes
{
    /** @var list<string> slugs of the signs that want to be explained */
    private array $telling;

    /** @var array<string, list<string>> slugs of the signs of these that each trouble explains, by trouble; none that explains none */
    private array $explained;

    /** @var non-empty-array<string, Trouble> by slug, as common as they are here */
    private array $troubles;

    /**
     * @param array<string, bool> $seen by sign
     * @param Here|null           $here null where nothing is known of plant and place
     *
     * @throws UnknownSign when a sign is not listed
     */
    public function __construct(TroubleCatalogue $catalogue, array $seen, ?Here $here = null)
    {
        $this->troubles = $here === null ? $catalogue->troubles : array_map(static fn(Trouble $trouble): Trouble => $trouble->timesAsCommon($here->times($trouble)), $catalogue->troubles);
        $signs = array_map($catalogue->sign(...), array_keys(array_filter($seen)));
        $explained = [];
        foreach ($catalogue->troubles as $slug => $trouble) {
            $its = array_filter($signs, static fn(Sign $sign): bool => self::isTelling($sign) && self::explains($trouble, $sign));
            $explained += $its === [] ? [] : [$slug => array_values(array_map(static fn(Sign $sign): string => $sign->slug, $its))];
        }
        $this->explained = $explained;
        // What nothing that is listed brings is nobody's, and hides none of the others.
        $this->telling = array_values(array_unique(array_merge([], ...array_values($explained))));
    }

    /** @return non-empty-array<string, Cause> by key */
    public function weighed(): array
    {
        return $this->troubles + $this->together();
    }

    public static function explains(Cause $cause, Sign $sign): bool
    {
        return $cause->shareOf($sign) > TroubleLines::EXPLAINED_FROM['value'] * $sign->usual;
    }

    /** Whether it is so rare without a reason that it wants to be explained. */
    private static function isTelling(Sign $sign): bool
    {
        return $sign->usual < TroubleLines::TELLING_TO['value'];
    }

    /** @return array<string, Together> the fewest that explain all of it, each its part; none while one trouble explains it */
    private function together(): array
    {
        for ($many = 1; $many <= TroubleLines::AT_ONCE['value']; ++$many) {
            $sets = $this->sets($this->telling, $many);
            if ($sets !== []) {
                return $many === 1 ? [] : $this->built($sets);
            }
        }

        return [];
    }

    /**
     * @param list<string> $open signs that are not explained yet
     *
     * @return array<string, list<string>> slugs of so many troubles that explain them, by key
     */
    private function sets(array $open, int $many): array
    {
        if ($open === []) {
            return ['' => []];
        }
        $sets = [];
        foreach ($many === 0 ? [] : $this->explained as $slug => $its) {
            if (! in_array($open[0], $its, true)) {
                continue;
            }
            foreach ($this->sets(array_values(array_diff($open, $its)), $many - 1) as $others) {
                $set = array_values(array_unique([...$others, $slug]));
                sort($set);
                $sets[implode('+', $set)] = $set;
            }
        }

        return $sets;
    }

    /**
     * @param array<string, list<string>> $sets
     *
     * @return array<string, Together> by key
     */
    private function built(array $sets): array
    {
        $all = array_sum(array_map(static fn(Trouble $trouble): float => $trouble->weight(), $this->troubles));
        $built = [];
        foreach ($sets as $key => $slugs) {
            $troubles = array_map(fn(string $slug): Trouble => $this->troubles[$slug], $slugs);
            if ($troubles !== []) {
                $built[$key] = new Together($troubles, $all);
            }
        }

        return $built;
    }
}
