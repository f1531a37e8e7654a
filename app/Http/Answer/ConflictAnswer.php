<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Named;

/** Two versions of one record: what is saved, and what was sent and not saved. */
#[Named('TwoVersions')]
final readonly class ConflictAnswer
{
    /**
     * @param string                       $kind    as the addresses of the API call it
     * @param string                       $key     UUID; empty for what there is one of
     * @param int                          $version of what is saved; a change that is based on it is taken
     * @param list<ConflictingFieldAnswer> $fields  where the two differ, as far as it can be told in words
     */
    public function __construct(public string $kind, public int $id, public string $key, public int $version, public array $fields) {}
}
