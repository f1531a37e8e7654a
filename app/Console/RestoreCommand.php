<?php

declare(strict_types=1);

namespace App\Console;

use App\Notebook\Places;
use App\Notebook\Refused;
use App\Notebook\Restoring;
use App\Notebook\StoreFault;
use IdleMixer\Core\Words\Say;
use PDOException;
use Psr\Clock\ClockInterface;

final class RestoreCommand extends SaidCommand
{
    protected $signature = 'mixer:restore {file}';

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
            $this->line(Say::it('console/restore-command.nothing-was-restored', ['get-message' => StoreFault::of($fault, $places->notebook)->getMessage()]));
        }

        return self::FAILURE;
    }
}
