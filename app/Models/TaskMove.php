<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * What somebody said of a task: another time for it, or that it is skipped.
 *
 * @property int $id
 * @property string $submission UUID under which it was sent: its identity in every notebook
 * @property int $version how often it was made or changed
 * @property string $kind of the task
 * @property int $ref what it is about
 * @property CarbonImmutable $due_at when it was planned
 * @property CarbonImmutable|null $moved_to null where it is skipped
 * @property string $reason
 * @property CarbonImmutable $made_at
 * @property CarbonImmutable|null $taken_back_at
 */
final class TaskMove extends Correctable {}
