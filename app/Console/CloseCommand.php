<?php

declare(strict_types=1);

namespace App\Console;

use App\Notebook\Places;
use App\Notebook\Sqlite;
use App\Notebook\StoreTrouble;
use Illuminate\Console\Command;
use PDOException;

final class CloseCommand extends Command
{
    protected $signature = 'mixer:close';

    protected $description = 'Fold the log into the notebook, so that its one file is all there is';

    public function handle(Places $places): int
    {
        if ($places->opened()?->file !== Places::fileAt($places->notebook)) {
            $this->line("The notebook {$places->notebook} is not the file that was served; nothing was folded into it.");

            return self::FAILURE;
        }
        try {
            Sqlite::fold($places->notebook);
        } catch (PDOException $e) {
            $this->line("The last writes are still in {$places->notebook}-wal: keep it beside the notebook. " . (StoreTrouble::of($e, $places->notebook)?->cause() ?? $e->getMessage()));

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
