<?php

declare(strict_types=1);

namespace App\Console;

use App\Notebook\Condition;
use App\Notebook\Copier;
use App\Notebook\Copies;
use App\Notebook\Inspector;
use App\Notebook\Places;
use App\Notebook\StoreFault;
use IdleMixer\Core\Words\Say;
use PDOException;
use Psr\Clock\ClockInterface;

final class BackupCommand extends SaidCommand
{
    protected $signature = 'mixer:backup {file?} {--daily}';

    public function handle(Copies $copies, Copier $copier, Inspector $inspector, Places $places, ClockInterface $clock): int
    {
        $file = $this->argument('file');
        try {
            $found = $inspector->look($places->notebook);
            if (in_array($found->condition, [Condition::Absent, Condition::Emptied, Condition::Foreign], true)) {
                $this->line(Say::it('console/backup-command.there-no-notebook-at-to', ['notebook' => $places->notebook]));

                return self::FAILURE;
            }
            if ((bool) $this->option('daily')) {
                $copies->daily($clock->now());

                return self::SUCCESS;
            }
            if (is_string($file) && file_exists($file)) {
                $this->line(Say::it('console/backup-command.there-already-and-not-overwritten', ['file' => $file]));

                return self::FAILURE;
            }
            $folder = is_string($file) ? dirname($file) : '';
            if ($folder !== '' && ! (is_dir($folder) && is_writable($folder))) {
                $this->line(is_dir($folder) ? Say::it('console/backup-command.no-right', ['folder' => $folder]) : Say::it('console/backup-command.no-folder', ['folder' => $folder]));

                return self::FAILURE;
            }
            if (is_string($file)) {
                $copier->copy($places->notebook, $file);
            } else {
                $file = $copies->make('backup', $clock->now());
            }
        } catch (StoreFault|PDOException $fault) {
            $this->line(Say::it('console/backup-command.no-copy-was-made', ['get-message' => StoreFault::of($fault, $places->notebook)->getMessage()]));

            return self::FAILURE;
        }
        $this->line(Say::it('console/backup-command.notebook-copied-to', ['file' => $file]));

        return self::SUCCESS;
    }
}
