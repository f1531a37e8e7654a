<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $version how often it was made or changed
 * @property string|null $kitchen
 * @property string $by_eye mL by code, as JSON
 */
final class Household extends Model
{
    protected $guarded = [];

    /** @var array<string, mixed> */
    protected $attributes = ['version' => 1];
}
