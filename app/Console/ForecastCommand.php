<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Ask\Forecasts;
use IdleMixer\Core\Document\JsonText;

final class ForecastCommand extends DocumentCommand
{
    protected $signature = 'mixer:forecast {file} {--json}';

    public function handle(Forecasts $ask): int
    {
        return $this->respond(static fn(string $text): array => $ask->answer(JsonText::parse($text)));
    }
}
