<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Ask\Choose;
use IdleMixer\Core\Document\JsonText;

final class ChooseCommand extends DocumentCommand
{
    protected $signature = 'mixer:choose {file} {--json}';

    public function handle(Choose $ask): int
    {
        return $this->respond(static fn(string $text): array => $ask->answer(JsonText::parse($text)));
    }
}
