<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\LeafTest;
use App\Models\Plant;
use IdleMixer\Core\Leaf\Proof;
use IdleMixer\Core\Leaf\TestedSpray;

/** What a plant, and those of its kind, are proven to bear. */
final class Proofs
{
    public static function of(Plant $plant): Proof
    {
        return new Proof(self::tests($plant));
    }

    /** @return list<TestedSpray> of the plant and those of its kind */
    public static function tests(Plant $plant): array
    {
        $tested = [];
        foreach (LeafTest::query()->whereIn('plant_id', self::kin($plant))->with(['readings', 'batch'])->orderBy('id')->get() as $test) {
            $spray = BatchBook::composition($test->batch);
            if ($spray !== null) {
                $tested[] = new TestedSpray($test->id, FromNotebook::leafTest($test), $spray);
            }
        }

        return $tested;
    }

    /** @return list<int> the plant itself, and those that are called the same kind and have the same leaf */
    public static function kin(Plant $plant): array
    {
        $ids = [$plant->id];
        if ($plant->kind === '') {
            return $ids;
        }
        $kind = mb_strtolower($plant->kind);
        foreach (Plant::query()->where('tolerance', $plant->tolerance)->where('bears_no_oil', $plant->bears_no_oil)->where('id', '!=', $plant->id)->get() as $other) {
            if (mb_strtolower($other->kind) === $kind) {
                $ids[] = $other->id;
            }
        }

        return $ids;
    }
}
