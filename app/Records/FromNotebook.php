<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Count;
use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Round;
use IdleMixer\Core\Evidence\CaseHistory;
use IdleMixer\Core\Evidence\Counted;
use IdleMixer\Core\Evidence\Sprayed;
use IdleMixer\Core\Evidence\Trial;
use IdleMixer\Core\Leaf\LeafLook as LeafLook;
use IdleMixer\Core\Leaf\LeafTest as LeafRules;
use IdleMixer\Core\Leaf\Reaction;

/** Reads stored records as what the core works with. */
final class FromNotebook
{
    public static function leafTest(LeafTest $test): LeafRules
    {
        $looks = [];
        foreach ($test->readings as $reading) {
            $looks[] = new LeafLook($reading->read_at, Reaction::worst(self::reactions($reading->reactions)));
        }

        return new LeafRules($test->applied_at, $test->wait_hours, $looks);
    }

    /** @return list<Reaction> */
    public static function reactions(string $stored): array
    {
        $all = [];
        foreach (explode(' ', $stored) as $word) {
            $all[] = Reaction::from($word);
        }

        return $all;
    }

    /** @return array<int, Trial> by the id of the round, earliest first */
    public static function trials(PestCase $case): array
    {
        $rounds = $case->rounds->sortBy([['sprayed_at', 'asc'], ['id', 'asc']])->values();
        $history = new CaseHistory(
            array_values($rounds->map(static fn(Round $round): Sprayed => new Sprayed($round->sprayed_at, $round->batch->fair_look_hours))->all()),
            array_values($case->counts->map(static fn(Count $count): Counted => new Counted($count->counted_at, $count->value, $count->untreated))->all()),
        );
        $trials = [];
        foreach ($history->trials() as $i => $trial) {
            $round = $rounds->get($i);
            if ($round !== null) {
                $trials[$round->id] = $trial;
            }
        }

        return $trials;
    }
}
