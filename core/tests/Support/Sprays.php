<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support;

use DateTimeImmutable;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Leaf\LeafLook;
use IdleMixer\Core\Leaf\LeafTest;
use IdleMixer\Core\Leaf\Reaction;
use IdleMixer\Core\Leaf\SeenLeaf;
use IdleMixer\Core\Leaf\TestedSpray;
use IdleMixer\Core\Leaf\TestLeaves;
use IdleMixer\Core\Mix\Component;
use IdleMixer\Core\Mix\Composition;

/** Short ways to a composition and a leaf test. */
final class Sprays
{
    /** @param array<string, float|array{float, float}> $percents by ingredient: one figure, or from and to */
    public static function of(array $percents): Composition
    {
        $components = [];
        foreach ($percents as $slug => $percent) {
            $ingredient = IngredientCatalogue::shipped()->get($slug);
            [$low, $high] = is_array($percent) ? $percent : [$percent, $percent];
            $components[] = new Component($slug, $ingredient->name, $ingredient->substance, $low, $high);
        }

        return Composition::remembered($components);
    }

    /** The common quart of neem, so many times as strong as written. */
    public static function neem(float $times = 1.0): Composition
    {
        return self::of(['neem-oil' => 0.773 * $times, 'castile-soap' => 0.258 * $times]);
    }

    /**
     * A test of 48 hours that was begun on a day of June 2026, and looked at after so many hours.
     *
     * @param array<int, Reaction> $looks by hours after it was begun
     */
    public static function tested(int $ref, Composition $spray, int $day, array $looks): TestedSpray
    {
        $begun = new DateTimeImmutable(sprintf('2026-06-%02dT08:00:00Z', $day));
        $read = array_map(static fn(int $hours, Reaction $worst): LeafLook => self::look($begun->modify("+{$hours} hours"), $worst), array_keys($looks), $looks);

        return new TestedSpray($ref, new LeafTest($begun, 48, TestLeaves::of(2, [1.0], false), $read), $spray);
    }

    /** A look at two leaves, the first of which looks so and the second of which is clean. */
    public static function look(DateTimeImmutable $at, Reaction $worst): LeafLook
    {
        $share = match ($worst) {
            Reaction::Clean => 0.0,
            Reaction::Slight => 3.0,
            Reaction::Marked => 20.0,
            Reaction::Dead => 100.0,
        };

        return new LeafLook($at, [new SeenLeaf(1, $share, $share, $share), new SeenLeaf(2, 0.0, 0.0, 0.0)]);
    }
}
