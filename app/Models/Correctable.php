<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;

/** A record that can be corrected and taken back: what was taken back is in no list and no sum, and can be put back. */
abstract class Correctable extends Kept
{
    public const TAKEN_BACK = 'taken-back-left-out';

    protected static function booted(): void
    {
        parent::booted();
        static::addGlobalScope(self::TAKEN_BACK, static function (Builder $records): void {
            $records->whereNull($records->getModel()->qualifyColumn('taken_back_at'));
        });
    }
}
