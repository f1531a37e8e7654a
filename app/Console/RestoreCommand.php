<?php

declare(strict_types=1);

namespace App\Console;

use App\Notebook\Places;
use App\Notebook\Refused;
use App\Notebook\Restoring;
use App\Notebook\StoreFault;
use App\Notebook\StoreTrouble;
use Illuminate\Console\Command;
use PDOException;
use Psr\Clock\ClockInterface;

final class RestoreCommand extends Command
{
    protected $signature = 'mixer:restore {file : the copy that is to be the notebook}';

    protected $description = 'Put a copy in the place of the notebook, and keep what was there; nobody may use it meanwhile';

    public function handle(Restoring $restoring, Places $places, ClockInterface $clock): int
    {
        $file = $this->argument('file');
        try {
            foreach ($restoring->restore(is_string($file) ? $file : '', $clock->now()) as $said) {
                $this->line($said);
            }
            $places->refuse(null);

            return self::SUCCESS;
        } catch (Refused|StoreFault $fault) {
            $this->line($fault->getMessage());
        } catch (PDOException $e) {
            $trouble = StoreTrouble::of($e, $places->notebook) ?? throw $e;
            $this->line("Nothing was restored. {$trouble->cause()} {$trouble->remedy()}");
        }

        return self::FAILURE;
    }
}
