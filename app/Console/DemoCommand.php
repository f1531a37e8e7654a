<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;

final class DemoCommand extends Command
{
    protected $signature = 'mixer:demo';

    protected $description = 'Fill an empty notebook with a made-up season';

    public function handle(): int
    {
        return self::SUCCESS;
    }
}
