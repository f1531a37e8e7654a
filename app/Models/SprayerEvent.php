<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * What happened to a sprayer besides being filled: washed, emptied, weed killer.
 *
 * @property int $id
 * @property string $submission UUID under which it was sent: its identity in every notebook
 * @property int $version how often it was made or changed
 * @property int $sprayer_id
 * @property string $kind
 * @property string $notes
 * @property int|null $run_id the walk through the bed that it was said in
 * @property CarbonImmutable $happened_at
 * @property CarbonImmutable|null $taken_back_at
 */
final class SprayerEvent extends Correctable {}
