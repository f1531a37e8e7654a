<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Ask\Rounds;
use IdleMixer\Core\Document\JsonText;

final class RoundsCommand extends DocumentCommand
{
    protected $signature = 'mixer:rounds {file} {--json}';

    public function handle(Rounds $ask): int
    {
        return $this->respond(static fn(string $text): array => $ask->answer(JsonText::parse($text)));
    }
}
