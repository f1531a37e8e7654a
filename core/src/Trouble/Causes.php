<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

use IdleMixer\Core\Data\TroubleLines;

/** Which causes are weighed for what was seen: every trouble by itself, and pairs where no single one explains it. */
final readonly class Causes
{
    /** @param array<string, bool> $seen by sign */
    public function __construct(private TroubleCatalogue $catalogue, private array $seen) {}

    /** @return non-empty-array<string, Cause> by key; none of the pairs while one trouble explains what was seen */
    public function weighed(): array
    {
        return $this->pairsWanted() ? $this->catalogue->troubles + $this->pairs() : $this->catalogue->troubles;
    }

    /** Whether something that is listed, or two of it, bring every sign that wants to be explained. */
    public function explainAll(): bool
    {
        return ! $this->pairsWanted() || $this->pairs() !== [];
    }

    public static function explains(Cause $cause, Sign $sign): bool
    {
        return $cause->shareOf($sign) > TroubleLines::EXPLAINED_FROM['value'] * $sign->usual;
    }

    private function pairsWanted(): bool
    {
        foreach ($this->catalogue->troubles as $trouble) {
            if ($this->unexplained($trouble) === []) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, Pair> those that explain all of it together, each its part */
    private function pairs(): array
    {
        $telling = count($this->telling());
        $part = array_filter($this->catalogue->troubles, fn(Trouble $trouble): bool => count($this->unexplained($trouble)) < $telling);
        $all = array_sum(array_map(static fn(Trouble $trouble): float => $trouble->weight(), $this->catalogue->troubles));
        $pairs = [];
        foreach ($part as $one) {
            foreach ($part as $other) {
                if ($one->slug < $other->slug && array_intersect($this->unexplained($one), $this->unexplained($other)) === []) {
                    $pair = new Pair($one, $other, $all);
                    $pairs[$pair->key()] = $pair;
                }
            }
        }

        return $pairs;
    }

    /** @return list<string> slugs of the signs that want to be explained and are not its doing */
    private function unexplained(Trouble $trouble): array
    {
        return array_values(array_map(static fn(Sign $sign): string => $sign->slug, array_filter($this->telling(), static fn(Sign $sign): bool => ! self::explains($trouble, $sign))));
    }

    /** @return list<Sign> seen, and rare without a reason */
    private function telling(): array
    {
        $signs = array_map($this->catalogue->sign(...), array_keys(array_filter($this->seen)));

        return array_values(array_filter($signs, static fn(Sign $sign): bool => $sign->usual < TroubleLines::TELLING_TO['value']));
    }
}
