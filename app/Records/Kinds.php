<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Burn;
use App\Models\Count;
use App\Models\Course;
use App\Models\CourseLook;
use App\Models\Household;
use App\Models\LeafReading;
use App\Models\LeafTest;
use App\Models\Measure;
use App\Models\PestCase;
use App\Models\Plant;
use App\Models\RecipeVersion;
use App\Models\Round;
use App\Models\Run;
use App\Models\ShelfBottle;
use App\Models\Sprayer;
use App\Models\SprayerEvent;
use App\Models\StandTestRecord;
use App\Models\TaskMove;
use App\Models\Trial;
use App\Models\TrialLook;
use App\Models\Wait;

/** What the addresses of the API call each kind of record. */
final class Kinds
{
    /** What can be corrected and taken back. */
    public const CORRECTABLE = [
        'plants' => Plant::class,
        'sprayers' => Sprayer::class,
        'measures' => Measure::class,
        'shelf' => ShelfBottle::class,
        'batches' => Batch::class,
        'leaf-tests' => LeafTest::class,
        'readings' => LeafReading::class,
        'rounds' => Round::class,
        'counts' => Count::class,
        'waits' => Wait::class,
        'burns' => Burn::class,
        'moves' => TaskMove::class,
        'sprayer-events' => SprayerEvent::class,
        'trials' => Trial::class,
        'trial-looks' => TrialLook::class,
        'courses' => Course::class,
        'course-looks' => CourseLook::class,
    ];

    /** What is changed, and never taken back. */
    private const OTHERS = ['cases' => PestCase::class, 'stand-tests' => StandTestRecord::class, 'household' => Household::class, 'recipes' => RecipeVersion::class];

    /** What only its address names otherwise than its kind. */
    private const NAMED = ['cases' => PestCase::class, 'runs' => Run::class, 'neighbours' => Plant::class];

    /** Whether addresses name such a kind of record. */
    public static function knows(string $kind): bool
    {
        return isset(self::CORRECTABLE[$kind]) || isset(self::NAMED[$kind]);
    }

    /** @throws \LogicException when addresses name no such kind */
    public static function table(string $kind): string
    {
        $class = [...self::CORRECTABLE, ...self::NAMED][$kind] ?? throw new \LogicException($kind);

        return (new $class())->getTable();
    }

    /** @param class-string $class */
    public static function of(string $class): string
    {
        return (string) array_search($class, [...self::CORRECTABLE, ...self::OTHERS], true);
    }
}
