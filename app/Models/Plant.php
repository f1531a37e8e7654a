<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $tolerance
 * @property string $place
 * @property string $notes
 * @property CarbonImmutable|null $retired_at
 */
final class Plant extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'retired_at' => 'immutable_datetime',
        ];
    }
}
