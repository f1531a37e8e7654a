<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Plant;
use Database\Demo\DemoSeason;
use Illuminate\Console\Command;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

final class DemoCommand extends Command
{
    protected $signature = 'mixer:demo';

    protected $description = 'Fill an empty notebook with a made-up season';

    public function handle(DemoSeason $season, ClockInterface $clock, Connection $connection): int
    {
        if (Plant::query()->exists()) {
            $this->error('The notebook is not empty; the demo is written into an empty one only.');

            return self::FAILURE;
        }
        $connection->transaction(static fn() => $season->write($clock->now()));

        return self::SUCCESS;
    }
}
