<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Database\Eloquent\Model;

/** Changes a record that is still what it was taken for. */
final class Edits
{
    /**
     * Fills the record, which is not saved yet, and counts its version up.
     *
     * @param int                  $basedOn the version that was on the screen
     * @param array<string, mixed> $columns as they are to be from now on
     *
     * @return array<string, mixed> the columns that differ, as they were; empty where it is so already
     *
     * @throws TwoVersions when it was changed since that version, and is to be something else
     */
    public static function fill(Model $record, int $basedOn, array $columns): array
    {
        $before = $record->getRawOriginal();
        $record->fill($columns);
        $changed = array_intersect_key($before, $record->getDirty());
        if ($changed === []) {
            return [];
        }
        if (self::version($record) !== $basedOn) {
            $record->setRawAttributes($before, true);
            throw TwoVersions::changedMeanwhile($record, $columns);
        }
        $record->setAttribute('version', $basedOn + 1);

        /** @var array<string, mixed> */
        return $changed;
    }

    /** How often it was made or changed. */
    public static function version(Model $record): int
    {
        $version = $record->getAttribute('version');

        return is_int($version) ? $version : 1;
    }
}
