<?php

declare(strict_types=1);

namespace App\Console;

use App\Notebook\Places;
use App\Notebook\Sqlite;
use App\Notebook\StoreTrouble;
use IdleMixer\Core\Words\Say;
use PDOException;

final class CloseCommand extends SaidCommand
{
    protected $signature = 'mixer:close';

    public function handle(Places $places): int
    {
        if ($places->opened()?->file !== Places::fileAt($places->notebook)) {
            $this->line(Say::it('console/close-command.notebook-not-file-that-was', ['notebook' => $places->notebook]));

            return self::FAILURE;
        }
        try {
            Sqlite::fold($places->notebook);
        } catch (PDOException $e) {
            $this->line(Say::it('console/close-command.last-writes-are-still-in', ['notebook' => $places->notebook, 'value' => StoreTrouble::of($e, $places->notebook)?->cause() ?? $e->getMessage()]));

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
