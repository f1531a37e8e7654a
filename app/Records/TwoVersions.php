<?php

declare(strict_types=1);

namespace App\Records;

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
        return new self('This was changed meanwhile, on another screen or device. Nothing was overwritten: choose which holds.', '/basedOn', $record, $columns);
    }

    /** @param array<string, mixed> $columns as they were to be */
    public static function finishedMeanwhile(Model $record, array $columns): self
    {
        return new self('This batch was finished meanwhile, on another screen or device, and was told otherwise there. Nothing was overwritten: choose which holds.', '', $record, $columns);
    }

    public static function hereAlready(Model $record): self
    {
        return new self('This batch is in the notebook already, and something else was done with it here than the file says. What is in the notebook stays as it is.', '', $record, []);
    }

    /** @param array<string, mixed> $columns as they were to be */
    public static function savedOtherwise(Model $record, array $columns): self
    {
        return new self('This was saved before, with something else in it; the answer was lost on the way. Nothing was overwritten: choose which holds.', '/submission', $record, $columns);
    }
}
