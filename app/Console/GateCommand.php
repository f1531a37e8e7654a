<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Ask\Gate;
use IdleMixer\Core\Document\JsonText;

final class GateCommand extends DocumentCommand
{
    protected $signature = 'mixer:gate {file} {--json}';

    public function handle(Gate $ask): int
    {
        return $this->respond(static fn(string $text): array => $ask->answer(JsonText::parse($text)));
    }
}
