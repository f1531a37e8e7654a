<?php

declare(strict_types=1);

namespace App\Console;

use App\Notebook\Condition;
use App\Notebook\Copier;
use App\Notebook\Copies;
use App\Notebook\Inspector;
use App\Notebook\Places;
use App\Notebook\StoreFault;
use Illuminate\Console\Command;
use PDOException;
use Psr\Clock\ClockInterface;

final class BackupCommand extends Command
{
    protected $signature = 'mixer:backup {file? : where to; left out: beside the notebook, in copies} {--daily : the copy of today, unless there is one}';

    protected $description = 'Copy the notebook into one file that opens by itself; it may be in use';

    public function handle(Copies $copies, Copier $copier, Inspector $inspector, Places $places, ClockInterface $clock): int
    {
        $file = $this->argument('file');
        try {
            $found = $inspector->look($places->notebook);
            if (in_array($found->condition, [Condition::Absent, Condition::Emptied, Condition::Foreign], true)) {
                $this->line("There is no notebook at {$places->notebook} to copy.");

                return self::FAILURE;
            }
            if ((bool) $this->option('daily')) {
                $copies->daily($clock->now());

                return self::SUCCESS;
            }
            if (is_string($file) && file_exists($file)) {
                $this->line("{$file} is there already, and is not overwritten: name another file.");

                return self::FAILURE;
            }
            if (is_string($file)) {
                $copier->copy($places->notebook, $file);
            } else {
                $file = $copies->make('backup', $clock->now());
            }
        } catch (StoreFault|PDOException $fault) {
            $this->line('No copy was made. ' . StoreFault::of($fault, $places->notebook)->getMessage());

            return self::FAILURE;
        }
        $this->line("The notebook is copied to {$file}");

        return self::SUCCESS;
    }
}
