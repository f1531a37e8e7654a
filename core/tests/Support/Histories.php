<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support;

use DateTimeImmutable;
use IdleMixer\Core\Evidence\CaseHistory;
use IdleMixer\Core\Evidence\Counted;
use IdleMixer\Core\Evidence\Sprayed;
use IdleMixer\Core\Evidence\Trial;

/** Rounds of soap and the counts around them, in hours after a fixed evening. */
final class Histories
{
    private const EVENING = '2026-06-01T20:00:00Z';

    /**
     * @param list<float>                               $rounds hours
     * @param list<array{0: float, 1: float, 2?: true}> $counts hour and value, `true` for a plant that was left alone
     */
    public static function judged(array $rounds, float $fair, array $counts, bool $winter = false): CaseHistory
    {
        return new CaseHistory(
            array_map(static fn(float $hours): Sprayed => new Sprayed(self::at($hours), $fair, 'soap', winter: $winter), $rounds),
            array_map(static fn(array $count): Counted => new Counted(self::at($count[0]), $count[1], $count[2] ?? false), $counts),
        );
    }

    /**
     * One round, counted an hour before it and so many hours after it.
     *
     * @param array{?float, ?float, ?float, ?float} $counts of the sprayed plant before and after, of the one left alone before and after
     */
    public static function one(array $counts, float $fair = 20.0, float $after = 24.0): Trial
    {
        $told = [];
        foreach ([[-1.0, false], [$after, false], [-1.0, true], [$after, true]] as $i => [$hours, $untreated]) {
            if ($counts[$i] !== null) {
                $told[] = new Counted(self::at($hours), $counts[$i], $untreated);
            }
        }

        return (new CaseHistory([new Sprayed(self::at(0.0), $fair, 'soap')], $told))->trials()[0];
    }

    private static function at(float $hours): DateTimeImmutable
    {
        return (new DateTimeImmutable(self::EVENING))->modify(sprintf('%+d minutes', (int) round($hours * 60.0)));
    }
}
