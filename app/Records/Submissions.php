<?php

declare(strict_types=1);

namespace App\Records;

use Closure;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\UniqueConstraintViolationException;

/**
 * Makes one record of a submission, however often it arrives: a double click, a retry after a lost answer, two tabs.
 */
final readonly class Submissions
{
    public function __construct(private Connection $connection) {}

    /**
     * @template T of Model
     *
     * @param Builder<T>   $records
     * @param string       $submission UUID that the sender made up for this one record
     * @param Closure(): T $make
     *
     * @return array{T, bool} the record, and whether it was made now
     */
    public function of(Builder $records, string $submission, Closure $make): array
    {
        $earlier = $records->clone()->where('submission', $submission)->first();
        if ($earlier !== null) {
            return [$earlier, false];
        }

        try {
            return [$this->connection->transaction($make), true];
        } catch (UniqueConstraintViolationException $e) {
            $twin = $records->clone()->where('submission', $submission)->first();

            return [$twin ?? throw $e, false];
        }
    }
}
