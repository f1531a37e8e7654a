<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Batch;

/** A record by its number and name. */
final readonly class RefAnswer
{
    public function __construct(
        public int $id,
        /** Its identity in every notebook: the UUID under which it was sent. */
        public string $key,
        public string $name,
    ) {}

    /** Null where nothing was mixed. */
    public static function batch(?Batch $batch): ?self
    {
        return $batch === null ? null : new self($batch->id, $batch->submission, $batch->name);
    }
}
