<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * A bottle, a bag or a carton that stands in the house.
 *
 * @property int $id
 * @property string $submission UUID under which it was sent: its identity in every notebook
 * @property int $version how often it was made or changed
 * @property string $words what the household calls it
 * @property string $ingredient slug of what is in it
 * @property float|null $strength percent v/v on its label
 * @property float|null $amount what it holds when it is full, with its unit; null where nobody said
 * @property string|null $unit
 * @property int|null $tenths of it that were left when that was said last
 * @property CarbonImmutable $said_at when that was
 * @property CarbonImmutable|null $opened_on
 * @property float|null $price of the whole bottle, in the money of the house
 * @property CarbonImmutable|null $retired_at when it was used up or thrown away
 * @property CarbonImmutable|null $taken_back_at
 */
final class ShelfBottle extends Correctable {}
