<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\LeafReading;
use App\Models\LeafTest;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Leaf\LeafLook;
use IdleMixer\Core\Leaf\LeafTest as LeafRules;
use IdleMixer\Core\Leaf\ReadingReader;
use IdleMixer\Core\Leaf\TestLeaves;
use IdleMixer\Core\Leaf\WrittenLeaf;

/** Reads stored records as what the core works with. */
final class FromNotebook
{
    public static function leafTest(LeafTest $test): LeafRules
    {
        $looks = [];
        foreach ($test->readings as $reading) {
            $looks[] = new LeafLook($reading->read_at, array_map(static fn(WrittenLeaf $leaf) => $leaf->seen, self::leaves($reading)));
        }

        return new LeafRules($test->applied_at, $test->wait_hours, self::testLeaves($test), $looks);
    }

    public static function testLeaves(LeafTest $test): TestLeaves
    {
        return TestLeaves::of($test->leaves, array_map(floatval(...), explode(' ', $test->rungs)), $test->controls);
    }

    /** @return list<WrittenLeaf> */
    public static function leaves(LeafReading $reading): array
    {
        return ReadingReader::read(JsonText::parse($reading->leaves), null);
    }
}
