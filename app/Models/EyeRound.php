<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * Ten drawn leaves, and what an eye read on them.
 *
 * @property int $id
 * @property int $seed of the drawings
 * @property string $shape
 * @property string $guesses percents, as JSON
 * @property CarbonImmutable $guessed_at
 */
final class EyeRound extends Kept {}
