<?php

declare(strict_types=1);

namespace App\Records;

use IdleMixer\Core\Words\Say;
use Illuminate\Database\Eloquent\Model;

/** A record is not what somebody took it for: it was changed, or saved otherwise, meanwhile. Nothing was overwritten. */
final class TwoVersions extends Conflict
{
    /** @param array<string, mixed> $columns as they were to be */
    private function __construct(string $message, public readonly string $path, public readonly Model $record, public readonly array $columns)
    {
        parent::__construct($message);
    }

    /** @param array<string, mixed> $columns as they were to be */
    public static function changedMeanwhile(Model $record, array $columns): self
    {
        return new self(Say::it('records/two-versions.this-was-changed-meanwhile-on'), '/basedOn', $record, $columns);
    }

    /** @param array<string, mixed> $columns as they were to be */
    public static function finishedMeanwhile(Model $record, array $columns): self
    {
        return new self(Say::it('records/two-versions.this-batch-was-finished-meanwhile'), '', $record, $columns);
    }

    public static function hereAlready(Model $record): self
    {
        return new self(Say::it('records/two-versions.this-batch-in-notebook-already'), '', $record, []);
    }

    /** @param array<string, mixed> $columns as they were to be */
    public static function savedOtherwise(Model $record, array $columns): self
    {
        return new self(Say::it('records/two-versions.this-was-saved-before-with'), '/submission', $record, $columns);
    }
}
