<?php

declare(strict_types=1);

namespace App\Records;

use IdleMixer\Core\Schedule\Task;

/** Some of what needs doing. */
final readonly class TaskPage
{
    /**
     * @param list<Task> $tasks
     * @param int|null   $next  how many of what is planned were told by now; null where nothing else is
     */
    public function __construct(public array $tasks, public ?int $next) {}
}
