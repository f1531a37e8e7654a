<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Ask\Worked;
use IdleMixer\Core\Document\JsonText;

final class WorkedCommand extends DocumentCommand
{
    protected $signature = 'mixer:worked {file} {--json}';

    public function handle(Worked $ask): int
    {
        return $this->respond(static fn(string $text): array => $ask->answer(JsonText::parse($text)));
    }
}
