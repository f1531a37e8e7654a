<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Ask\Hours;
use IdleMixer\Core\Document\JsonText;

final class HoursCommand extends DocumentCommand
{
    protected $signature = 'mixer:hours {file : hours of weather and a spray, or - for standard input} {--json : print the document; there is no other form}';

    protected $description = 'Say which hours are good for a spray, and propose windows';

    public function handle(Hours $ask): int
    {
        return $this->respond(static fn(string $text): array => $ask->answer(JsonText::parse($text)));
    }
}
