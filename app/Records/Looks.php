<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Count;
use App\Models\TrialLook;
use IdleMixer\Core\Evidence\LeafCounts;

/** Reads what was seen in a look from the notebook. */
final class Looks
{
    /** @return non-empty-list<float>|null spot by spot; null where only a total is known */
    public static function each(Count $count): ?array
    {
        if ($count->each === null) {
            return null;
        }
        $each = array_map(floatval(...), array_filter((array) json_decode($count->each, flags: \JSON_THROW_ON_ERROR), is_numeric(...)));

        return $each === [] ? null : array_values($each);
    }

    /** Null where only a total is known. */
    public static function leaves(Count $count): ?LeafCounts
    {
        $each = self::each($count);

        return $each === null ? null : LeafCounts::of($each);
    }

    /** @return list<float|null> of a trial, by the number on the label; null where one is lost */
    public static function ofTrial(TrialLook $look): array
    {
        return array_map(static fn(mixed $count): ?float => is_numeric($count) ? (float) $count : null, array_values((array) json_decode($look->counts, flags: \JSON_THROW_ON_ERROR)));
    }

    /** @return array<string, int|null>|null natural enemies that were seen, and how many, null where nobody counted them; null where nobody looked */
    public static function helpers(Count $count): ?array
    {
        return $count->helpers === null ? null : Remembered::seen($count->helpers);
    }

    /** @return array<string, float> by stage; empty where nobody told them apart */
    public static function stages(Count $count): array
    {
        $all = [];
        foreach ((array) json_decode($count->stages ?? '{}', true, flags: \JSON_THROW_ON_ERROR) as $stage => $value) {
            if (is_numeric($value)) {
                $all[(string) $stage] = (float) $value;
            }
        }

        return $all;
    }
}
