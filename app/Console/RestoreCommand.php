<?php

declare(strict_types=1);

namespace App\Console;

use App\Notebook\Places;
use App\Notebook\Refused;
use App\Notebook\Restoring;
use App\Notebook\StoreFault;
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
        } catch (Refused $refused) {
            $this->line($refused->getMessage());
        } catch (StoreFault|PDOException $fault) {
            $this->line('Nothing was restored. ' . StoreFault::of($fault, $places->notebook)->getMessage());
        }

        return self::FAILURE;
    }
}
