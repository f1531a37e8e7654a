<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $recipe_id
 * @property int $number
 * @property string $name
 * @property string $document
 * @property int $written 0 when it was only mixed so; else the higher, the later it was written or gone back to
 * @property CarbonImmutable $created_at
 * @property-read Recipe $recipe
 */
final class RecipeVersion extends Kept
{
    /** @return BelongsTo<Recipe, $this> */
    public function recipe(): BelongsTo
    {
        return $this->belongsTo(Recipe::class);
    }
}
