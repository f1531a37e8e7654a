<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Method\Onto;

/** How often a plant may have something in a season: labels, from memory. */
final readonly class Season
{
    /** @param array<string, array{most: int, source: string}> $rows by code */
    private function __construct(private array $rows) {}

    public static function shipped(): self
    {
        /** @var array<string, array{most: int, source: string}> $rows */
        $rows = require __DIR__ . '/../../data/seasons.php';

        return new self($rows);
    }

    /** @return list<SeasonUse> of what is in the methods of a course, by the rounds that were had */
    public function used(CourseAsk $ask): array
    {
        $used = [];
        foreach ($ask->methods as $method) {
            foreach (self::codes($method) as $code) {
                $used[$code] ??= 0;
            }
        }
        foreach (array_filter($ask->rounds(), static fn(Recorded $one): bool => $one->day >= $ask->seasonBegan) as $round) {
            $method = $ask->method($round->recipe);
            foreach ($method === null ? [] : self::codes($method) as $code) {
                $used[$code] = ($used[$code] ?? 0) + 1;
            }
        }

        return array_map(fn(string $code): SeasonUse => new SeasonUse($code, $used[$code], $this->rows[$code]['most']), array_keys($used));
    }

    /** Rounds of a method that a plant may have yet; null where nothing limits them. */
    public function left(CourseMethod $method, CourseAsk $ask): ?int
    {
        $codes = self::codes($method);
        $left = array_map(static fn(SeasonUse $one): int => $one->of - $one->used, array_filter($this->used($ask), static fn(SeasonUse $one): bool => in_array($one->code, $codes, true)));

        return $left === [] ? null : max(0, min($left));
    }

    /** @return list<string> */
    private static function codes(CourseMethod $method): array
    {
        $has = array_map(static fn(Substance $one): string => $one->value, $method->recipe->substances());
        if ($method->method->surface === Onto::BareWood) {
            return ['winter-oil'];
        }
        if ($method->method->surface !== Onto::Leaf) {
            return [];
        }
        // What is there to wet is no round of soap.
        $oily = array_intersect($has, [Substance::RefinedOil->value, Substance::KitchenOil->value]) !== [];

        return array_keys(array_filter([
            'oil' => $oily,
            'neem' => in_array(Substance::Neem->value, $has, true),
            'soap' => $method->way === 'soap',
            'alcohol' => in_array(Substance::Alcohol->value, $has, true),
            'soda' => in_array(Substance::Soda->value, $has, true),
        ]));
    }
}
