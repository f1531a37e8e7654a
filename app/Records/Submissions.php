<?php

declare(strict_types=1);

namespace App\Records;

use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * Makes one record of a submission, however often it arrives: a double click, a retry after a lost answer, two tabs. Call
 * it inside a transaction that holds the write lock.
 */
final class Submissions
{
    /**
     * @template T of Model
     *
     * @param Builder<T>           $records
     * @param array<string, mixed> $columns as they are to be kept
     * @param Closure(T): void     $then    what belongs to it and is made with it
     *
     * @return array{T, bool} the record, and whether it was made now
     *
     * @throws TwoVersions when something else was saved under the same key
     */
    public static function of(Builder $records, Submitted $submitted, array $columns, ?Closure $then = null): array
    {
        // What was taken back keeps its key, too.
        $earlier = $records->clone()->withoutGlobalScopes()->where('submission', $submitted->key)->first();
        if ($earlier !== null) {
            if ($earlier->getAttribute('content') !== $submitted->content) {
                throw TwoVersions::savedOtherwise($earlier, $columns);
            }

            return [$earlier, false];
        }
        $made = $records->create([...$submitted->columns(), ...$columns]);
        if ($then !== null) {
            $then($made);
        }

        return [$made, true];
    }
}
