<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Ask\Hours;
use IdleMixer\Core\Document\JsonText;

final class HoursCommand extends DocumentCommand
{
    protected $signature = 'mixer:hours {file} {--json}';

    public function handle(Hours $ask): int
    {
        return $this->respond(static fn(string $text): array => $ask->answer(JsonText::parse($text)));
    }
}
