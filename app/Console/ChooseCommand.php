<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Ask\Choose;
use IdleMixer\Core\Document\JsonText;

final class ChooseCommand extends DocumentCommand
{
    protected $signature = 'mixer:choose {file : a case, or - for standard input} {--json : print the document; there is no other form}';

    protected $description = 'Choose a spray for a case';

    public function handle(Choose $ask): int
    {
        return $this->respond(static fn(string $text): array => $ask->answer(JsonText::parse($text)));
    }
}
