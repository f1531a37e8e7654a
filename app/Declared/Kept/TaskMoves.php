<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\MoveAbout;
use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Moment;
use App\Declared\Values\Text;
use IdleMixer\Core\Recipe\RecipeReader;

/** What somebody said of a task: another time for it, or that it is skipped. */
final class TaskMoves extends Record
{
    public function table(): string
    {
        return 'task_moves';
    }

    public function list(): string
    {
        return 'moves';
    }

    public function isCorrected(): bool
    {
        return true;
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            new MoveAbout(),
            Plain::needed('due_at', Moment::any()),
            Plain::maybe('moved_to', Moment::any()),
            Plain::usually('reason', Text::notes(RecipeReader::MAX_NOTES), ''),
            Plain::needed('made_at', Moment::past($this->clock)),
        ];
    }
}
