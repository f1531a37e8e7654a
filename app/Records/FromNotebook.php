<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\LeafTest;
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
}
