<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Goes through the mixing of a batch step by step, as hands do. */
final class Walk
{
    private const MOST_STEPS = 120;

    /** Ticks what comes next until something holds; the key is the one that the screen tells of. */
    public static function until(Screen $screen, callable $holds): void
    {
        for ($i = 0; $i < self::MOST_STEPS && $holds() !== true; ++$i) {
            $screen->keys('n');
            usleep(30_000);
        }
        if ($holds() !== true) {
            throw new \RuntimeException('The steps do not lead there.');
        }
    }

    /** Up to so many spoonfuls. */
    public static function toSpoonful(Screen $screen, int $number): void
    {
        $screen->see('spoonfuls are in');
        self::until($screen, static fn(): bool => preg_match("/\\b{$number} of \\d+ spoonfuls are in/", $screen->shown()) === 1);
    }

    /** Through all steps and spoonfuls, and saved. */
    public static function through(Screen $screen): void
    {
        self::toSaving($screen);
        $screen->press('Save the batch')->see('What is in the bottle');
    }

    /** Through all steps and spoonfuls of the load in hand. */
    public static function toSaving(Screen $screen): void
    {
        $screen->see('spoonfuls are in');
        self::until($screen, static fn(): bool => str_contains($screen->shown(), 'mixed: save it'));
    }
}
