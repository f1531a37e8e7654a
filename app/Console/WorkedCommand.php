<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Ask\Worked;
use IdleMixer\Core\Document\JsonText;

final class WorkedCommand extends DocumentCommand
{
    protected $signature = 'mixer:worked {file : cases with rounds and counts, or - for standard input} {--json : print the document; there is no other form}';

    protected $description = 'Judge the rounds of cases, and sum up which sprays worked';

    public function handle(Worked $ask): int
    {
        return $this->respond(static fn(string $text): array => $ask->answer(JsonText::parse($text)));
    }
}
